<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;

/** What a part of a fold is cut from. */
enum Stuff: string
{
    case Base = 'base cardstock';
    case Cardstock = 'cardstock';
    case Paper = 'patterned paper';
    case Acetate = 'acetate';
    case Foam = 'foam';

    /** With one layer only. */
    public function thickness(): Length
    {
        return Length::ofUnits(match ($this) {
            self::Base, self::Cardstock, self::Acetate => 2_400,
            self::Paper => 1_600,
            self::Foam => 16_000,
        });
    }
}
