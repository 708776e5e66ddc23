<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/** The unit a maker uses. Centimetres can be read, but are shown as millimetres. */
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

    /** The step by which a measure gives. */
    public function step(): Length
    {
        return match ($this) {
            self::Inch => Length::inches(0, 1, 16),
            self::Millimetre => Length::millimetres(1),
        };
    }

    /** The finest mark of the ruler to which measures are rounded down when a share of a front is computed. */
    public function mark(): Length
    {
        return match ($this) {
            self::Inch => Length::inches(0, 1, 16),
            self::Millimetre => Length::ofUnits(4_000),
        };
    }
}
