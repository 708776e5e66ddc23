<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A strip over the join at the lower edge of a part, half of it on either side. */
final readonly class Seam implements Relation
{
    private function __construct(private string $of, private Dim $wide)
    {
    }

    public static function under(string $of, Dim $wide): self
    {
        return new self($of, $wide);
    }

    public function of(): string
    {
        return $this->of;
    }

    public function place(Rect $of, Unit $unit, string $part): Rect
    {
        $wide = $this->wide->of($of->size->height, $unit);
        if ($wide->isZero()) {
            throw CannotResolve::nothingLeft($part);
        }
        if ($wide->isLongerThan($of->size->height)) {
            throw CannotResolve::tooLarge($part, $wide, $of->size->height, $unit);
        }

        return Rect::at($of->x, $of->bottom()->minus(Length::ofUnits(intdiv($wide->units, 2))), Size::of($of->size->width, $wide));
    }
}
