<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Colour\Colour;

/**
 * How busy a print is, from the energy of its edges and its contrast.
 *
 * Lightness comes from CIELAB. The edge energy is the mean of the larger step to the right and the lower neighbour. The
 * contrast is the standard deviation of lightness. A flat colour has neither, and a small strong check has both.
 */
final class Busyness
{
    /** @param  non-empty-list<non-empty-list<array{int, int, int}>>  $pixels */
    public static function of(array $pixels): int
    {
        $light = array_map(static fn (array $row): array => array_map(self::lightness(...), $row), $pixels);
        $edges = 0.0;
        $steps = 0;
        $sum = 0.0;
        $squares = 0.0;
        $count = 0;
        foreach ($light as $y => $row) {
            foreach ($row as $x => $value) {
                $sum += $value;
                $squares += $value ** 2;
                $count++;
                if (isset($row[$x + 1], $light[$y + 1][$x])) {
                    $edges += max(abs($value - $row[$x + 1]), abs($value - $light[$y + 1][$x]));
                    $steps++;
                }
            }
        }
        $deviation = sqrt(max(0.0, $squares / $count - ($sum / $count) ** 2));
        $energy = $steps === 0 ? 0.0 : $edges / $steps;

        // Contrast alone is not busy: a sheet that is half dark and half light is two calm halves.
        return (int) round(min(100.0, 5 * $energy + min(1.2 * $deviation, 4 * $energy)));
    }

    /** @param  array{int, int, int}  $pixel */
    private static function lightness(array $pixel): float
    {
        /** @var array<int, float> $known */
        static $known = [];
        // Steps of four in a channel are below what the eye can see.
        $key = ($pixel[0] >> 2) << 12 | ($pixel[1] >> 2) << 6 | $pixel[2] >> 2;

        return $known[$key] ??= Colour::ofRgb($pixel[0] & ~3, $pixel[1] & ~3, $pixel[2] & ~3)->lab()->lightness;
    }
}
