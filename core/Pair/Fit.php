<?php

declare(strict_types=1);

namespace KeepShare\Core\Pair;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\ColourName;
use KeepShare\Core\Kit\Face;

/**
 * How well two faces match when they lie edge to edge, from 0 to 100, and why. 50 means no reason either way.
 *
 * Shared colours add points. Two busy prints lose points, unless their scale differs and they share a colour.
 * Backgrounds of equal lightness lose points, and so do two whites that differ. Colours are compared by CIEDE2000:
 * below 6 two printed colours look the same, below 14 they are related.
 *
 * A point is what it adds, its phrase, and a colour to be named after the phrase.
 *
 * @phpstan-type Point array{int, string, Colour|null}
 */
final readonly class Fit
{
    /** @param  list<string>  $reasons each a phrase, the weightiest first */
    private function __construct(public int $figure, public array $reasons)
    {
    }

    public static function between(Face $one, Face $two): self
    {
        $points = self::points($one, $two);
        usort($points, static fn (array $a, array $b): int => abs($b[0]) <=> abs($a[0]));
        $reasons = array_map(
            static fn (array $point): string => $point[2] === null
                ? $point[1]
                : $point[1].' '.ColourName::of($point[2]),
            $points,
        );

        return new self(self::sum($points), $reasons);
    }

    /** The figure alone, without looking for words. */
    public static function figure(Face $one, Face $two): int
    {
        return self::sum(self::points($one, $two));
    }

    /** @param  list<Point>  $points */
    private static function sum(array $points): int
    {
        return max(0, min(100, 50 + array_sum(array_column($points, 0))));
    }

    /** @return list<Point> */
    private static function points(Face $one, Face $two): array
    {
        return array_values(array_filter([
            self::colours($one, $two),
            self::busyness($one, $two),
            self::lightness($one->ground(), $two->ground()),
            self::whites($one->ground(), $two->ground()),
        ]));
    }

    /** @return Point|null */
    private static function colours(Face $one, Face $two): ?array
    {
        [$apart, $shared] = self::nearest($one, $two);

        return match (true) {
            $apart < 6 => [22, 'shares', $shared],
            $apart < 14 => [12, 'similar', $shared],
            self::areOfOneHue($one->ground(), $two->ground()) => [8, 'one hue', null],
            $apart > 30 => [-8, 'no colour in common', null],
            default => null,
        };
    }

    /** @return array{float, Colour} the difference of the two nearest colours, and the one of the first face */
    private static function nearest(Face $one, Face $two): array
    {
        $best = [1_000.0, $one->ground()];
        foreach ($one->colours as $a) {
            foreach ($two->colours as $b) {
                $apart = $a->differenceFrom($b);
                if ($apart < $best[0]) {
                    $best = [$apart, $a];
                }
            }
        }

        return $best;
    }

    /** @return Point|null */
    private static function busyness(Face $one, Face $two): ?array
    {
        if ($one->busy && $two->busy) {
            return $one->motif->scale() !== $two->motif->scale() && self::nearest($one, $two)[0] < 14
                ? [-8, 'both busy, but of different scale', null]
                : [-25, 'both busy: put a calm mat between', null];
        }

        return $one->busy !== $two->busy ? [10, 'busy beside calm', null] : null;
    }

    /** @return Point|null */
    private static function lightness(Colour $one, Colour $two): ?array
    {
        $apart = abs($one->lab()->lightness - $two->lab()->lightness);

        return match (true) {
            $apart >= 20 => [12, 'light against dark', null],
            $apart < 8 => [-12, 'equally light: the edge is hard to see', null],
            default => null,
        };
    }

    /** @return Point|null */
    private static function whites(Colour $one, Colour $two): ?array
    {
        $areWhites = $one->lab()->lightness > 90 && $two->lab()->lightness > 90;

        return $areWhites && $one->differenceFrom($two) > 2.5 ? [-14, 'two whites that differ', null] : null;
    }

    private static function areOfOneHue(Colour $one, Colour $two): bool
    {
        [$a, $b] = [$one->lab(), $two->lab()];
        if (hypot($a->a, $a->b) < 12 || hypot($b->a, $b->b) < 12) {
            return false;
        }
        $turn = abs(rad2deg(atan2($a->b, $a->a) - atan2($b->b, $b->a)));

        return min($turn, 360 - $turn) < 20;
    }
}
