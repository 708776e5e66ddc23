<?php

declare(strict_types=1);

namespace KeepShare\Core\Materials;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Measures in the unit of the kit, and also in the other unit if that is wanted. */
final readonly class Measured
{
    private function __construct(private Unit $unit, private bool $both)
    {
    }

    public static function in(Unit $unit, bool $both = false): self
    {
        return new self($unit, $both);
    }

    /** "4 × 5 1/4 in", or "4 × 5 1/4 in (101.5 × 133.5 mm)". */
    public function size(Size $size): string
    {
        return $size->label($this->unit).($this->both ? " ({$size->label($this->other())})" : '');
    }

    public function length(Length $length): string
    {
        return $length->label($this->unit).($this->both ? " ({$length->label($this->other())})" : '');
    }

    private function other(): Unit
    {
        return $this->unit === Unit::Inch ? Unit::Millimetre : Unit::Inch;
    }
}
