<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Card fronts that have a name in the trade. */
enum StandardFront: string
{
    case A2 = 'A2';
    case FiveBySeven = '5 × 7';
    case SixBySix = '6 × 6';
    case A6 = 'A6';
    case Mini = 'mini';

    public function size(): Size
    {
        return match ($this) {
            self::A2 => Size::of(Length::inches(4, 1, 4), Length::inches(5, 1, 2)),
            self::FiveBySeven => Size::of(Length::inches(5), Length::inches(7)),
            self::SixBySix => Size::of(Length::inches(6), Length::inches(6)),
            self::A6 => Size::of(Length::millimetres(105), Length::millimetres(148)),
            self::Mini => Size::of(Length::inches(2, 3, 4), Length::inches(3, 1, 2)),
        };
    }

    /** "A2", or the measures if the size has no name, in either direction. */
    public static function nameOf(Size $front, Unit $unit): string
    {
        foreach (self::cases() as $standard) {
            if ($standard->size()->matches($front)) {
                return $standard->value;
            }
        }

        return $front->label($unit);
    }
}
