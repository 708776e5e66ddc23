<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The connected regions of a picture of ones and noughts: the lines round each piece and round each window, along the
 * edges of its pixels. Pixels that only share a corner are not connected.
 *
 * @phpstan-type Loop array{points: non-empty-list<array{int, int}>, area: int}
 */
final class Loops
{
    /**
     * @param  list<int>  $covered  one a pixel
     * @return list<list<Loop>> each piece: the line round it, clockwise, then those round its windows
     */
    public static function of(array $covered, int $width, int $least): array
    {
        [$labels, $sizes] = self::labels($covered, $width);
        $edges = self::edges($labels, $sizes, $width, $least);
        $pieces = [];
        foreach ($edges as $ends) {
            $loops = self::chained($ends, $width + 1);
            usort($loops, static fn (array $a, array $b): int => $b['area'] <=> $a['area']);
            $pieces[] = $loops;
        }

        return $pieces;
    }

    /**
     * @param  list<int>  $covered
     * @return array{list<int>, array<int, int>} of each pixel the piece it is of, 0 for none; how many pixels each has
     */
    private static function labels(array $covered, int $width): array
    {
        /** @var array<int, int> $labels */
        $labels = [];
        /** @var array<int, int> $parent */
        $parent = [0];
        foreach ($covered as $n => $is) {
            if ($is === 0) {
                $labels[] = 0;

                continue;
            }
            $left = $n % $width > 0 ? $labels[$n - 1] : 0;
            $above = $n >= $width ? $labels[$n - $width] : 0;
            if ($left === 0 && $above === 0) {
                $parent[] = count($parent);
            }
            $labels[] = $left > 0 ? $left : ($above > 0 ? $above : count($parent) - 1);
            if ($left > 0 && $above > 0 && $left !== $above) {
                [$one, $two] = [self::root($parent, $left), self::root($parent, $above)];
                $parent[max($one, $two)] = min($one, $two);
            }
        }
        $sizes = [];
        foreach ($labels as $n => $label) {
            if ($label > 0) {
                $labels[$n] = $root = self::root($parent, $label);
                $sizes[$root] = ($sizes[$root] ?? 0) + 1;
            }
        }

        return [array_values($labels), $sizes];
    }

    /** @param  array<int, int>  $parent */
    private static function root(array $parent, int $label): int
    {
        while ($parent[$label] !== $label) {
            $label = $parent[$label];
        }

        return $label;
    }

    /**
     * The edges of pixels with another region beyond, followed with the piece on the right.
     *
     * @param  list<int>  $labels
     * @param  array<int, int>  $sizes
     * @return array<int, array<int, list<int>>> by piece, by the corner they begin at: where they end
     */
    private static function edges(array $labels, array $sizes, int $width, int $least): array
    {
        $corners = $width + 1;
        $edges = [];
        foreach ($labels as $n => $label) {
            if ($label === 0 || $sizes[$label] < $least) {
                continue;
            }
            $x = $n % $width;
            $corner = intdiv($n, $width) * $corners + $x;
            if (($labels[$n - $width] ?? 0) !== $label) {
                $edges[$label][$corner][] = $corner + 1;
            }
            if ($x + 1 === $width || $labels[$n + 1] !== $label) {
                $edges[$label][$corner + 1][] = $corner + 1 + $corners;
            }
            if (($labels[$n + $width] ?? 0) !== $label) {
                $edges[$label][$corner + 1 + $corners][] = $corner + $corners;
            }
            if ($x === 0 || $labels[$n - 1] !== $label) {
                $edges[$label][$corner + $corners][] = $corner;
            }
        }

        return $edges;
    }

    /**
     * @param  array<int, list<int>>  $ends
     * @return list<Loop>
     */
    private static function chained(array $ends, int $corners): array
    {
        $loops = [];
        while ($ends !== []) {
            $start = array_key_first($ends);
            $at = $start;
            $came = 0;
            $points = [];
            $area = 0;
            do {
                $next = self::next($ends[$at], $at, $came, $corners);
                $ends[$at] = array_values(array_diff($ends[$at], [$next]));
                if ($ends[$at] === []) {
                    unset($ends[$at]);
                }
                [$x, $y] = [$at % $corners, intdiv($at, $corners)];
                $points[] = [$x, $y];
                $area += $x * intdiv($next, $corners) - $next % $corners * $y;
                $came = $next - $at;
                $at = $next;
            } while ($at !== $start);
            $loops[] = ['points' => $points, 'area' => intdiv($area, 2)];
        }

        return $loops;
    }

    /**
     * If two edges begin at a corner, the piece touches itself there. The right turn stays with its own side.
     *
     * @param  list<int>  $ends
     */
    private static function next(array $ends, int $at, int $came, int $corners): int
    {
        if (count($ends) === 1 || $came === 0) {
            return $ends[0];
        }
        // With y downwards, right turns lead from right to down, down to left, left to up, and up to right.
        $right = [1 => $corners, $corners => -1, -1 => -$corners, -$corners => 1][$came];

        return in_array($at + $right, $ends, true) ? $at + $right : $ends[0];
    }
}
