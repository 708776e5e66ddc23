<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/** Writes lengths as a ruler shows them. */
final class LengthWriter
{
    public static function figure(Length $length, Unit $unit): string
    {
        return $unit === Unit::Inch ? self::inches($length) : self::millimetres($length);
    }

    public static function exact(Length $length, Unit $unit): string
    {
        $sixtyFourth = intdiv(Unit::Inch->units(), 64);
        if ($unit === Unit::Inch && $length->units % $sixtyFourth === 0) {
            return self::fraction(intdiv($length->units, $sixtyFourth), 64);
        }
        $decimals = rtrim(sprintf('%06d', $length->units % 8_000 * 125), '0');
        $text = intdiv($length->units, 8_000).($decimals === '' ? '' : '.'.$decimals);

        return $unit === Unit::Inch ? $text.'mm' : $text;
    }

    /** Rounded to 1/2 mm, or to 1/16 in (below 1/4 in to 1/32 in). A length above zero is at least one mark. */
    public static function about(Length $length, Unit $unit): string
    {
        $isSmall = $length->units * 4 < Unit::Inch->units();
        $inOne = $unit === Unit::Millimetre ? 2 : ($isSmall ? 32 : 16);
        $mark = intdiv($unit->units(), $inOne);
        $marks = max(min(1, $length->units), self::marks($length, $mark));

        return $unit === Unit::Inch ? self::fraction($marks, $inOne) : intdiv($marks, 2).($marks % 2 === 1 ? '.5' : '');
    }

    private static function inches(Length $length): string
    {
        foreach ([16, 32] as $under) {
            $mark = intdiv(Unit::Inch->units(), $under);
            if ($length->units % $mark === 0) {
                return self::fraction(intdiv($length->units, $mark), $under);
            }
        }
        $mark = intdiv(Unit::Inch->units(), 32);

        return '≈ '.self::fraction(self::marks($length, $mark), 32);
    }

    private static function millimetres(Length $length): string
    {
        $halves = self::marks($length, 4_000);
        $text = intdiv($halves, 2).($halves % 2 === 1 ? '.5' : '');

        return $halves * 4_000 === $length->units ? $text : '≈ '.$text;
    }

    /** How many marks a length is, to the nearest. */
    private static function marks(Length $length, int $mark): int
    {
        return intdiv(2 * $length->units + $mark, 2 * $mark);
    }

    private static function fraction(int $over, int $under): string
    {
        $whole = intdiv($over, $under);
        $over %= $under;
        if ($over === 0) {
            return (string) $whole;
        }
        while ($over % 2 === 0) {
            $over = intdiv($over, 2);
            $under = intdiv($under, 2);
        }

        return ($whole > 0 ? "$whole " : '')."$over/$under";
    }
}
