<?php

namespace App\Shelf;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * The sides of a front as they are typed, for each unit, so that changing the unit changes the figures and not the
 * front.
 *
 * @phpstan-type Sides array{width: string, height: string}
 * @phpstan-type SidesByUnit array{in: Sides, mm: Sides}
 */
final class Fronts
{
    /** @return SidesByUnit this front, exactly */
    public static function of(Size $front): array
    {
        return ['in' => self::sides($front, Unit::Inch), 'mm' => self::sides($front, Unit::Millimetre)];
    }

    /** @return SidesByUnit the front most cards have, where lengths are measured so */
    public static function usual(): array
    {
        return [
            'in' => self::sides(StandardFront::A2->size(), Unit::Inch),
            'mm' => self::sides(StandardFront::A6->size(), Unit::Millimetre),
        ];
    }

    /** @return Sides */
    private static function sides(Size $front, Unit $unit): array
    {
        return ['width' => $front->width->exact($unit), 'height' => $front->height->exact($unit)];
    }
}
