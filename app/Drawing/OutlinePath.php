<?php

namespace App\Drawing;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Outline;

/** An outline as an SVG path in millimetres. */
final class OutlinePath
{
    public static function of(Outline $outline): string
    {
        return implode('', array_map(static fn (array $ring): string => 'M'.implode('L', array_map(
            static fn (array $point): string => self::mm($point[0]).' '.self::mm($point[1]),
            $ring,
        )).'Z', $outline->rings));
    }

    private static function mm(int $units): string
    {
        // A trimmed piece reaches over the edge of the front.
        return ($units < 0 ? '-' : '').Length::ofUnits(abs($units))->exact(Unit::Millimetre);
    }
}
