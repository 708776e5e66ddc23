<?php

namespace App\Models;

use KeepShare\Core\Measure\Unit;

/** The paper in the maker's printer. */
enum PrintPaper: string
{
    case Letter = 'letter';
    case A4 = 'a4';

    public function label(): string
    {
        return match ($this) {
            self::Letter => 'Letter, 8 1/2 × 11 in',
            self::A4 => 'A4, 210 × 297 mm',
        };
    }

    /** In millimetres, upright. */
    public function width(): float
    {
        return match ($this) {
            self::Letter => 215.9,
            self::A4 => 210.0,
        };
    }

    public function height(): float
    {
        return match ($this) {
            self::Letter => 279.4,
            self::A4 => 297.0,
        };
    }

    /** The paper asked for with this print, or the maker's choice, or the usual one for the kit's unit. */
    public static function for(Unit $unit): self
    {
        $asked = request()->query('paper');

        return (is_string($asked) ? self::tryFrom($asked) : null) ?? self::chosen() ?? self::usual($unit);
    }

    public static function usual(Unit $unit): self
    {
        return $unit === Unit::Inch ? self::Letter : self::A4;
    }

    /** Null if none was chosen. */
    public static function chosen(): ?self
    {
        return self::tryFrom((string) Setting::named(Setting::PAPER));
    }
}
