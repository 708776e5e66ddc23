<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** One of a row of equal tiles with equal gaps between and around them. */
final readonly class Tile implements Relation
{
    private function __construct(private string $of, private int $nth, private int $count, private Dim $gap)
    {
    }

    /** The $nth, from 0, of $count tiles. */
    public static function inRow(string $of, int $nth, int $count, Dim $gap): self
    {
        return new self($of, $nth, $count, $gap);
    }

    public function of(): string
    {
        return $this->of;
    }

    public function place(Rect $of, Unit $unit, string $part): Rect
    {
        $gap = $this->gap->of($of->size->width, $unit);
        $gaps = $gap->times($this->count + 1);
        if (! $of->size->width->isLongerThan($gaps)) {
            throw CannotResolve::nothingLeft($part);
        }
        $width = $of->size->width->minus($gaps)->share(1, $this->count, $unit->mark());
        if ($width->isZero()) {
            throw CannotResolve::nothingLeft($part);
        }
        // What does not divide goes half to each end, so that the row stays centred.
        $spare = $of->size->width->minus($gaps)->minus($width->times($this->count));
        $x = intdiv($spare->units, 2) + $gap->units + $this->nth * ($width->units + $gap->units);

        return Rect::at($of->x->plus(Length::ofUnits($x)), $of->y, Size::of($width, $of->size->height));
    }
}
