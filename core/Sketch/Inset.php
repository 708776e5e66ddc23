<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;

/** The next layer of a ladder: the same reveal on every side. */
final readonly class Inset implements Relation
{
    private function __construct(private string $of, private Dim $reveal)
    {
    }

    public static function in(string $of, ?Dim $reveal = null): self
    {
        return new self($of, $reveal ?? Dim::reveal());
    }

    public function of(): string
    {
        return $this->of;
    }

    public function place(Rect $of, Unit $unit, string $part): Rect
    {
        try {
            return $of->inset($this->reveal->of($of->size->shorter(), $unit));
        } catch (BadMeasure) {
            throw CannotResolve::nothingLeft($part);
        }
    }
}
