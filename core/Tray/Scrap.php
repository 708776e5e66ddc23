<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;

/** A part of a sheet that no card takes: it lies on the tray, or will when the sheet it is part of is cut. */
final readonly class Scrap
{
    /** @param  SheetGood  $good  what it is of */
    private function __construct(public string $id, public Component $component, public SheetGood $good, public Stock $stock)
    {
    }

    /** Null where the component does not come in sheets. */
    public static function of(string $id, Component $component, Stock $stock): ?self
    {
        return $component->good instanceof SheetGood ? new self($id, $component, $component->good, $stock) : null;
    }

    public function size(): Size
    {
        return $this->stock->size;
    }

    /** Shows a print: papers, panels, liners; else it is cardstock. */
    public function isPrinted(): bool
    {
        return ! $this->good instanceof Cardstock;
    }

    /** Cardstock thick enough to carry others; papers and vellum are thin. */
    public function cardstock(): ?Cardstock
    {
        return $this->good instanceof Cardstock ? $this->good : null;
    }

    /** Every face has an up, so that a panel of it stands one way only. */
    public function hasUp(): bool
    {
        return array_filter($this->good->faces(), static fn (Face $face): bool => ! $face->directional) === [];
    }
}
