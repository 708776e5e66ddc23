<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;

/** A part of a sheet that no card takes. It is on the tray, or will be once its sheet is cut. */
final readonly class Scrap
{
    /** @param  SheetGood  $good  what it is of */
    private function __construct(public string $id, public Component $component, public SheetGood $good, public Stock $stock)
    {
    }

    /** Null if the component does not come in sheets. */
    public static function of(string $id, Component $component, Stock $stock): ?self
    {
        return $component->good instanceof SheetGood ? new self($id, $component, $component->good, $stock) : null;
    }

    public function size(): Size
    {
        return $this->stock->size;
    }

    /** Whether it has a print, as papers, panels and liners do. Otherwise it is cardstock. */
    public function isPrinted(): bool
    {
        return ! $this->good instanceof Cardstock;
    }

    /** Whether it is cardstock thick enough to carry others. Papers and vellum are thin. */
    public function cardstock(): ?Cardstock
    {
        return $this->good instanceof Cardstock ? $this->good : null;
    }

    /** Whether every face is directional, so that a panel fits only one way. */
    public function hasUp(): bool
    {
        return array_filter($this->good->faces(), static fn (Face $face): bool => ! $face->directional) === [];
    }
}
