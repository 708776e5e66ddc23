<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\Lab;

/**
 * The main colours of a picture, by k-means in CIELAB (S. P. Lloyd, "Least squares quantization in PCM", 1982) over its
 * colours in steps of eight. It starts with the commonest colour and then takes the one farthest from those chosen, so
 * the answer does not depend on chance. Similar colours are joined, and specks below two per cent are left out.
 */
final class Clusters
{
    private const MOST = 6;

    private const ROUNDS = 12;

    private const ALIKE = 9.0;

    /**
     * @param  non-empty-list<non-empty-list<array{int, int, int}>>  $pixels
     * @return list<array{colour: Colour, percent: int}> the largest share first
     */
    public static function of(array $pixels): array
    {
        [$points, $all] = self::points($pixels);
        $centres = self::seeds($points);
        $weights = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$next, $weights] = self::step($points, $centres);
            if ($next === $centres) {
                break;
            }
            $centres = $next;
        }

        return self::shares($centres, $weights, $all);
    }

    /**
     * @param  non-empty-list<non-empty-list<array{int, int, int}>>  $pixels
     * @return array{list<array{Lab, int}>, int} colours with how many pixels have them, the commonest first; and how many pixels there are
     */
    private static function points(array $pixels): array
    {
        $bins = [];
        $all = 0;
        foreach ($pixels as $row) {
            foreach ($row as [$r, $g, $b]) {
                $key = ($r >> 3) << 10 | ($g >> 3) << 5 | $b >> 3;
                [$count, $red, $green, $blue] = $bins[$key] ?? [0, 0, 0, 0];
                $bins[$key] = [$count + 1, $red + $r, $green + $g, $blue + $b];
                $all++;
            }
        }
        arsort($bins);
        $points = [];
        foreach ($bins as [$count, $red, $green, $blue]) {
            $points[] = [Colour::ofRgb(intdiv($red, $count), intdiv($green, $count), intdiv($blue, $count))->lab(), $count];
        }

        return [$points, $all];
    }

    /**
     * @param  list<array{Lab, int}>  $points
     * @return list<array{float, float, float}>
     */
    private static function seeds(array $points): array
    {
        $seeds = [self::coordinates($points[0][0])];
        while (count($seeds) < self::MOST) {
            $best = [0.0, null];
            foreach ($points as [$lab, $count]) {
                $point = self::coordinates($lab);
                // A distant colour counts more the more pixels it has.
                $reach = min(array_map(static fn (array $seed): float => self::squared($seed, $point), $seeds)) * sqrt($count);
                if ($reach > $best[0]) {
                    $best = [$reach, $point];
                }
            }
            if ($best[1] === null) {
                break;
            }
            $seeds[] = $best[1];
        }

        return $seeds;
    }

    /**
     * @param  list<array{Lab, int}>  $points
     * @param  list<array{float, float, float}>  $centres
     * @return array{list<array{float, float, float}>, list<int>}
     */
    private static function step(array $points, array $centres): array
    {
        $sums = array_fill(0, count($centres), [0.0, 0.0, 0.0]);
        $weights = array_fill(0, count($centres), 0);
        foreach ($points as [$lab, $count]) {
            $point = self::coordinates($lab);
            $at = 0;
            $least = INF;
            foreach ($centres as $i => $centre) {
                $apart = self::squared($centre, $point);
                if ($apart < $least) {
                    [$at, $least] = [$i, $apart];
                }
            }
            $weights[$at] += $count;
            [$l, $a, $b] = $sums[$at];
            $sums[$at] = [$l + $point[0] * $count, $a + $point[1] * $count, $b + $point[2] * $count];
        }
        $next = [];
        foreach ($centres as $i => $centre) {
            $weight = $weights[$i];
            $next[] = $weight === 0 ? $centre : [$sums[$i][0] / $weight, $sums[$i][1] / $weight, $sums[$i][2] / $weight];
        }

        return [$next, array_values($weights)];
    }

    /**
     * @param  list<array{float, float, float}>  $centres
     * @param  list<int>  $weights
     * @return list<array{colour: Colour, percent: int}>
     */
    private static function shares(array $centres, array $weights, int $all): array
    {
        arsort($weights);
        $colours = [];
        $joined = [];
        foreach ($weights as $i => $weight) {
            $colour = Colour::fromLab(new Lab(...$centres[$i]));
            $like = array_key_first(
                array_filter(
                    $colours,
                    static fn (Colour $other): bool => $other->differenceFrom($colour) < self::ALIKE,
                ),
            );
            $at = $like ?? count($colours);
            $colours[$at] ??= $colour;
            $joined[$at] = ($joined[$at] ?? 0) + $weight;
        }
        $percents = array_map(
            static fn (Colour $colour, int $weight): array => [
                'colour' => $colour,
                'percent' => (int) round(100 * $weight / $all),
            ],
            $colours,
            $joined,
        );
        usort($percents, static fn (array $a, array $b): int => $b['percent'] <=> $a['percent']);

        return array_values(array_filter($percents, static fn (array $share): bool => $share['percent'] >= 2));
    }

    /** @return array{float, float, float} */
    private static function coordinates(Lab $lab): array
    {
        return [$lab->lightness, $lab->a, $lab->b];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $two
     */
    private static function squared(array $one, array $two): float
    {
        return ($one[0] - $two[0]) ** 2 + ($one[1] - $two[1]) ** 2 + ($one[2] - $two[2]) ** 2;
    }
}
