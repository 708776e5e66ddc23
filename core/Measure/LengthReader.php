<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/** Reads lengths as makers write them: 4 1/4, 4-1/4, 4¼, 4.25, 4,25, 4.25in, 4 1/4", 108mm, 10.8 cm. */
final class LengthReader
{
    private const VULGAR = [
        '½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
        '⅓' => '1/3', '⅔' => '2/3', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6',
    ];

    /** 100 metres: longer than any roll on a craft table, and far from overflow. */
    private const LONGEST = 800_000_000;

    private const NUMBER = '/^(?:(?<whole>\d{1,9})(?:[ -]+|\s*(?=\d+\/)))??'
        .'(?:(?<over>\d{1,9})\/(?<under>\d{1,9})|(?<decimal>\d{1,9}(?:[.,]\d{1,12})?|[.,]\d{1,12}))$/';

    /** @throws BadMeasure */
    public static function read(string $text, Unit $unit): Length
    {
        $plain = self::plain($text);
        if ($plain === '') {
            throw BadMeasure::empty();
        }
        if (preg_match('/^[-−]\s*[\d.,]/u', $plain) === 1) {
            throw BadMeasure::negative(trim($text));
        }
        if (preg_match('/^(?<number>[\d.,\/ -]*\d)\s*(?<unit>\D*)$/u', $plain, $found) !== 1) {
            throw BadMeasure::unreadable(trim($text));
        }

        return self::number($found['number'], self::unitsIn($found['unit'], $unit), trim($text), $unit);
    }

    private static function plain(string $text): string
    {
        foreach (self::VULGAR as $sign => $fraction) {
            $text = str_replace($sign, ' '.$fraction, $text);
        }
        $text = strtr($text, [
            '⁄' => '/',
            '″' => '"',
            '”' => '"',
            '“' => '"',
            "''" => '"',
            '’’' => '"',
            "\u{00A0}" => ' ',
            "\u{202F}" => ' ',
            "\u{2009}" => ' ',
            '–' => '-',
            '‑' => '-',
        ]);

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    private static function unitsIn(string $written, Unit $default): int
    {
        return match (mb_strtolower(rtrim(trim($written), '.'))) {
            '' => $default->units(),
            '"', 'in', 'inch', 'inches' => Unit::Inch->units(),
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => Unit::Millimetre->units(),
            'ft', 'foot', 'feet', "'", '’' => 12 * Unit::Inch->units(),
            'yd', 'yds', 'yard', 'yards' => 36 * Unit::Inch->units(),
            'm', 'mtr', 'mtrs', 'metre', 'metres', 'meter', 'meters' => 1_000 * Unit::Millimetre->units(),
            'cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters' => 10 * Unit::Millimetre->units(),
            default => throw BadMeasure::unknownUnit(trim($written)),
        };
    }

    private static function number(string $number, int $unitsInOne, string $text, Unit $unit): Length
    {
        if (preg_match(self::NUMBER, trim($number), $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw BadMeasure::unreadable($text);
        }
        [$over, $under] = self::ratio($found, $text);
        if ($over > intdiv(self::LONGEST, $unitsInOne) * $under) {
            throw BadMeasure::tooLong($text);
        }
        if (($over * $unitsInOne) % $under !== 0) {
            throw BadMeasure::betweenMarks($text, self::nearest($over, $under, $unitsInOne, $unit));
        }

        return Length::ofUnits(intdiv($over * $unitsInOne, $under));
    }

    /**
     * @param  array<array-key, string|null>  $found
     * @return array{int, int} the number as one fraction
     */
    private static function ratio(array $found, string $text): array
    {
        $whole = (int) ($found['whole'] ?? 0);
        if (isset($found['over'], $found['under'])) {
            $over = (int) $found['over'];
            $under = (int) $found['under'];
            if ($under === 0) {
                throw BadMeasure::divisionByZero($text);
            }
            if (isset($found['whole']) && $over >= $under) {
                throw BadMeasure::improperMix($text);
            }
            // Nine digits over nine digits times a unit would overflow. No ruler has such fractions.
            if ($under > 1_000_000 || $over > 1_000_000) {
                throw BadMeasure::unreadable($text);
            }

            return [$whole * $under + $over, $under];
        }
        if (isset($found['whole'])) {
            throw BadMeasure::unreadable($text);
        }

        $parts = explode('.', strtr($found['decimal'] ?? '', ',', '.'));
        $digits = rtrim($parts[1] ?? '', '0');
        if (strlen($digits) > 6) {
            throw BadMeasure::unreadable($text);
        }
        $under = 10 ** strlen($digits);

        return [(int) $parts[0] * $under + (int) $digits, $under];
    }

    private static function nearest(int $over, int $under, int $unitsInOne, Unit $unit): string
    {
        $mark = $unit->mark()->units;
        $marks = intdiv(2 * intdiv($over * $unitsInOne, $under) + $mark, 2 * $mark);

        return Length::ofUnits($marks * $mark)->label($unit);
    }
}
