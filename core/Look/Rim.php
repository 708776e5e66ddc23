<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The outline of a piece between the pixels. Across each edge it finds where the colour is half way between outside and
 * inside.
 *
 * @phpstan-import-type Point from Homography
 */
final class Rim
{
    /** The distance between samples along the line, in pixels. */
    private const EVERY = 2;

    /** How far it looks to both sides, in pixels. */
    private const REACH = 5;

    /** The cosine of the largest turn for which a line counts as smooth. */
    private const STRAIGHT = 0.75;

    /**
     * The blur takes at most this many pixels from a right corner, and more from a sharper one. A larger gap means that
     * the corner is really round.
     */
    private const LOST = 1.3;

    /** A smaller difference, in levels, does not show where the edge is. */
    private const LEAST = 10.0;

    /**
     * @param  non-empty-list<array{int, int}>  $corners  along the edges of pixels, the piece on the right
     * @return non-empty-list<Point> measured from the corner of the picture
     */
    public static function of(Pixels $picture, array $corners): array
    {
        $many = count($corners);
        if ($many < 24) {
            return self::middles($corners);
        }
        $places = [];
        $offsets = [];
        for ($n = 0; $n < $many; $n += self::EVERY) {
            [$x, $y] = self::middle($corners, $n);
            [$backX, $backY] = self::middle($corners, ($n + $many - 5) % $many);
            [$onX, $onY] = self::middle($corners, ($n + 5) % $many);
            $long = max(1e-6, hypot($onX - $backX, $onY - $backY));
            $in = [-($onY - $backY) / $long, ($onX - $backX) / $long];
            $places[] = [$x, $y, $in[0], $in[1]];
            $offsets[] = self::edge($picture, $x, $y, $in[0], $in[1]);
        }
        $count = count($places);
        $rim = [];
        foreach ($places as $n => [$x, $y, $inX, $inY]) {
            $before = $offsets[($n + $count - 1) % $count];
            $after = $offsets[($n + 1) % $count];
            // The median of three, so that one wrong edge does not make a spike.
            $here = max(min($before, $offsets[$n]), min(max($before, $offsets[$n]), $after));
            $rim[] = [$x + $here * $inX, $y + $here * $inY];
        }

        return self::smoothed($rim);
    }

    /** How far inwards the edge is, in pixels. */
    private static function edge(Pixels $picture, float $x, float $y, float $inX, float $inY): float
    {
        $line = [];
        for ($k = -self::REACH; $k <= self::REACH; $k++) {
            $line[] = $picture->at($x + $k * $inX - 0.5, $y + $k * $inY - 0.5);
        }
        $last = 2 * self::REACH;
        $out = self::mean($line[0], $line[1]);
        $in = self::mean($line[$last - 1], $line[$last]);
        $way = [$in[0] - $out[0], $in[1] - $out[1], $in[2] - $out[2]];
        $length = $way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2;
        if ($length < self::LEAST ** 2) {
            return 0.0;
        }
        $gone = [];
        foreach ($line as [$r, $g, $b]) {
            $gone[] = (($r - $out[0]) * $way[0] + ($g - $out[1]) * $way[1] + ($b - $out[2]) * $way[2]) / $length;
        }
        $best = 0.0;
        $nearest = 3.0;
        for ($k = 1; $k < $last; $k++) {
            if ($gone[$k] < 0.5 && $gone[$k + 1] >= 0.5) {
                $at = $k - self::REACH + (0.5 - $gone[$k]) / ($gone[$k + 1] - $gone[$k]);
                if (abs($at) < $nearest) {
                    [$best, $nearest] = [$at, abs($at)];
                }
            }
        }

        return $best;
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $two
     * @return array{float, float, float}
     */
    private static function mean(array $one, array $two): array
    {
        return [($one[0] + $two[0]) / 2, ($one[1] + $two[1]) / 2, ($one[2] + $two[2]) / 2];
    }

    /**
     * Smoothed a little, except at corners. The blur of a lens takes corners away. They are put back where the lines on
     * either side meet.
     *
     * @param  non-empty-list<Point>  $rim
     * @return non-empty-list<Point>
     */
    private static function smoothed(array $rim): array
    {
        $many = count($rim);
        $at = static fn (int $n): array => $rim[($n % $many + $many) % $many];
        $smooth = [];
        foreach ($rim as $n => [$x, $y]) {
            [[$ax, $ay], [$bx, $by]] = [$at($n - 3), $at($n + 3)];
            $long = hypot($x - $ax, $y - $ay) * hypot($bx - $x, $by - $y);
            if (($x - $ax) * ($bx - $x) + ($y - $ay) * ($by - $y) < self::STRAIGHT * $long) {
                $smooth[] = self::corner([$x, $y], [$at($n - 12), $at($n - 8), $at($n - 5)], [$at($n + 12), $at($n + 8), $at($n + 5)]);

                continue;
            }
            [[$ax, $ay], [$bx, $by]] = [$at($n - 1), $at($n + 1)];
            $smooth[] = [($ax + 2 * $x + $bx) / 4, ($ay + 2 * $y + $by) / 4];
        }

        return $smooth;
    }

    /**
     * @param  Point  $here
     * @param  array{Point, Point, Point}  $before  three points on the way to it
     * @param  array{Point, Point, Point}  $after
     * @return Point
     */
    private static function corner(array $here, array $before, array $after): array
    {
        if (! self::isStraight(...$before) || ! self::isStraight(...$after)) {
            return $here;
        }
        [[[$x, $y], , [$x2, $y2]], [[$u, $v], , [$u2, $v2]]] = [$before, $after];
        [$dx, $dy, $ex, $ey] = [$x2 - $x, $y2 - $y, $u2 - $u, $v2 - $v];
        $cross = $dx * $ey - $dy * $ex;
        $long = max(1e-9, hypot($dx, $dy) * hypot($ex, $ey));
        if (abs($cross) < 0.2 * $long) {
            return $here;
        }
        $along = (($u - $x) * $ey - ($v - $y) * $ex) / $cross;
        $tip = [$x + $along * $dx, $y + $along * $dy];
        // The cosine between the sides at the corner says how sharp it is.
        $half = sqrt(max(0.02, (1 - ($dx * $ex + $dy * $ey) / $long) / 2));
        $lost = hypot($tip[0] - $here[0], $tip[1] - $here[1]);

        return $along > 1.2 && $lost < self::LOST / $half ? $tip : $here;
    }

    /**
     * @param  Point  $a
     * @param  Point  $b
     * @param  Point  $c
     */
    private static function isStraight(array $a, array $b, array $c): bool
    {
        $cross = ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);

        return abs($cross) < 0.6 * hypot($c[0] - $a[0], $c[1] - $a[1]);
    }

    /**
     * @param  non-empty-list<array{int, int}>  $corners
     * @return non-empty-list<Point>
     */
    private static function middles(array $corners): array
    {
        return array_map(static fn (int $n): array => self::middle($corners, $n), array_keys($corners));
    }

    /**
     * @param  non-empty-list<array{int, int}>  $corners
     * @return Point
     */
    private static function middle(array $corners, int $n): array
    {
        [$x, $y] = $corners[$n];
        [$u, $v] = $corners[($n + 1) % count($corners)];

        return [($x + $u) / 2, ($y + $v) / 2];
    }
}
