<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A measure with a plain figure on each ruler, in inches and in millimetres. */
final class Measures
{
    public static function length(Unit $unit, string $inches, string $millimetres): Length
    {
        return Length::parse($unit === Unit::Inch ? $inches : $millimetres, $unit);
    }

    /** A width and a height, for either ruler. */
    public static function square(Unit $unit, string $inches, string $millimetres): Size
    {
        $side = self::length($unit, $inches, $millimetres);

        return Size::of($side, $side);
    }

    /** How much larger than its panel a mat is, on every side. */
    public static function reveal(Unit $unit): Length
    {
        return self::length($unit, '1/8', '3');
    }

    /** "for a mat 2 1/4 × 2 1/4". */
    public static function forMat(Size $size, Unit $unit): string
    {
        return 'for a mat '.$size->grown(self::reveal($unit))->format($unit);
    }
}
