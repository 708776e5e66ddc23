<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** The usual small measures of folding, for an inch ruler and a metric one. */
final readonly class Cutting
{
    private function __construct(private Unit $unit)
    {
    }

    public static function in(Unit $unit): self
    {
        return new self($unit);
    }

    /** 1/16 in, or 1.5 mm: the play that lets one piece slide in another. */
    public function sixteenths(int $count): Length
    {
        return $this->unit === Unit::Inch ? Length::inches(0, $count, 16) : Length::ofUnits($count * 12_000);
    }

    public function reveal(): Length
    {
        return $this->unit === Unit::Inch ? Length::inches(0, 1, 8) : Length::millimetres(3);
    }

    /** 1/4 in, or 6 mm: the width of a glue line, and the distance of foam from an opening. */
    public function glue(): Length
    {
        return $this->unit === Unit::Inch ? Length::inches(0, 1, 4) : Length::millimetres(6);
    }

    /** 1/2 in, or 12 mm. */
    public function tab(): Length
    {
        return $this->glue()->times(2);
    }

    /** 1 in, or 25 mm. */
    public function inch(): Length
    {
        return $this->unit === Unit::Inch ? Length::inches(1) : Length::millimetres(25);
    }

    public function mark(): Length
    {
        return $this->unit->mark();
    }

    public function say(Length $length): string
    {
        return $length->label($this->unit);
    }
}
