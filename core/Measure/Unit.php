<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/** The unit a maker thinks in. Centimetres are read, but shown as millimetres. */
enum Unit: string
{
    case Inch = 'in';
    case Millimetre = 'mm';

    /** Units of 1/8 micrometre in one of this unit. */
    public function units(): int
    {
        return match ($this) {
            self::Inch => 203_200,
            self::Millimetre => 8_000,
        };
    }

    /** What a measure that gives is changed by. */
    public function step(): Length
    {
        return match ($this) {
            self::Inch => Length::inches(0, 1, 16),
            self::Millimetre => Length::millimetres(1),
        };
    }

    /** The finest mark of the ruler that measures are rounded down to when a share of a front is worked out. */
    public function mark(): Length
    {
        return match ($this) {
            self::Inch => Length::inches(0, 1, 16),
            self::Millimetre => Length::ofUnits(4_000),
        };
    }
}
