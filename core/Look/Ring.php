<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * Sums over a closed line of points.
 *
 * @phpstan-import-type Point from Homography
 */
final class Ring
{
    /** @param  list<Point>  $ring  positive where it runs clockwise, with y downwards */
    public static function area(array $ring): float
    {
        $area = 0.0;
        foreach ($ring as $n => [$x, $y]) {
            [$u, $v] = $ring[$n + 1] ?? $ring[0];
            $area += $x * $v - $u * $y;
        }

        return $area / 2;
    }

    /**
     * The centre of the area, and its second moments divided by the area.
     *
     * @param  non-empty-list<Point>  $ring
     * @return array{float, float, float, float, float} x, y, xx, xy, yy
     */
    public static function moments(array $ring): array
    {
        // Measured from one of its points, since far from it rounding would hide the differences.
        [$ox, $oy] = $ring[0];
        [$area, $sx, $sy, $sxx, $sxy, $syy] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($ring as $n => [$x, $y]) {
            [$u, $v] = $ring[$n + 1] ?? $ring[0];
            [$x, $y, $u, $v] = [$x - $ox, $y - $oy, $u - $ox, $v - $oy];
            $cross = $x * $v - $u * $y;
            $area += $cross / 2;
            $sx += ($x + $u) * $cross / 6;
            $sy += ($y + $v) * $cross / 6;
            $sxx += ($x * $x + $x * $u + $u * $u) * $cross / 12;
            $syy += ($y * $y + $y * $v + $v * $v) * $cross / 12;
            $sxy += ($x * $v + 2 * $x * $y + 2 * $u * $v + $u * $y) * $cross / 24;
        }
        $area = abs($area) < 1e-9 ? 1e-9 : $area;
        [$mx, $my] = [$sx / $area, $sy / $area];

        return [$mx + $ox, $my + $oy, $sxx / $area - $mx * $mx, $sxy / $area - $mx * $my, $syy / $area - $my * $my];
    }

    /** @param  list<Point>  $ring */
    public static function length(array $ring): float
    {
        $length = 0.0;
        foreach ($ring as $n => [$x, $y]) {
            [$u, $v] = $ring[$n + 1] ?? $ring[0];
            $length += hypot($u - $x, $v - $y);
        }

        return $length;
    }

    /**
     * The convex hull (A. M. Andrew's chains), clockwise with y downwards.
     *
     * @param  non-empty-list<Point>  $ring
     * @return list<Point>
     */
    public static function hull(array $ring): array
    {
        sort($ring);
        $chains = [];
        foreach ([$ring, array_reverse($ring)] as $points) {
            $chain = [];
            foreach ($points as $point) {
                while (count($chain) > 1 && self::turn($chain[count($chain) - 2], $chain[count($chain) - 1], $point) <= 0) {
                    array_pop($chain);
                }
                $chain[] = $point;
            }
            array_pop($chain);
            array_push($chains, ...$chain);
        }

        return $chains;
    }

    /**
     * Fewer points, none farther than $most from the original line (D. H. Douglas and T. K. Peucker, 1973).
     *
     * @param  non-empty-list<Point>  $ring
     * @return list<Point>
     */
    public static function simpler(array $ring, float $most): array
    {
        if (count($ring) < 8) {
            return $ring;
        }
        $far = 0;
        $best = -1.0;
        foreach ($ring as $n => [$x, $y]) {
            $apart = hypot($x - $ring[0][0], $y - $ring[0][1]);
            [$far, $best] = $apart > $best ? [$n, $apart] : [$far, $best];
        }
        $one = self::thinned(array_slice($ring, 0, $far + 1), $most);
        $two = self::thinned([...array_slice($ring, $far), $ring[0]], $most);

        return [...array_slice($one, 0, -1), ...array_slice($two, 0, -1)];
    }

    /** @param  list<Point>  $ring */
    public static function holds(array $ring, float $x, float $y): bool
    {
        $isIn = false;
        foreach ($ring as $n => [$ax, $ay]) {
            [$bx, $by] = $ring[$n + 1] ?? $ring[0];
            if (($ay > $y) !== ($by > $y) && $x < $ax + ($bx - $ax) * ($y - $ay) / ($by - $ay)) {
                $isIn = ! $isIn;
            }
        }

        return $isIn;
    }

    /**
     * Where one row crosses several rings: inside an outline and outside its windows.
     *
     * @param  non-empty-list<non-empty-list<Point>>  $rings
     * @return list<array{float, float}> from and to
     */
    public static function spans(array $rings, float $y): array
    {
        $xs = [];
        foreach ($rings as $ring) {
            foreach ($ring as $n => [$ax, $ay]) {
                [$bx, $by] = $ring[$n + 1] ?? $ring[0];
                if (($ay > $y) !== ($by > $y)) {
                    $xs[] = $ax + ($bx - $ax) * ($y - $ay) / ($by - $ay);
                }
            }
        }
        sort($xs);
        $spans = [];
        for ($n = 0; $n + 1 < count($xs); $n += 2) {
            $spans[] = [$xs[$n], $xs[$n + 1]];
        }

        return $spans;
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @return array{float, float, float, float} left, top, right, bottom
     */
    public static function bounds(array $ring): array
    {
        [$xs, $ys] = [array_column($ring, 0), array_column($ring, 1)];

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    /**
     * @param  list<Point>  $line
     * @return list<Point>
     */
    private static function thinned(array $line, float $most): array
    {
        $last = count($line) - 1;
        if ($last < 2) {
            return $line;
        }
        [$at, $best] = [0, -1.0];
        for ($n = 1; $n < $last; $n++) {
            $apart = self::apart($line[$n], $line[0], $line[$last]);
            [$at, $best] = $apart > $best ? [$n, $apart] : [$at, $best];
        }
        if ($best <= $most) {
            return [$line[0], $line[$last]];
        }
        $one = self::thinned(array_slice($line, 0, $at + 1), $most);

        return [...array_slice($one, 0, -1), ...self::thinned(array_slice($line, $at), $most)];
    }

    /**
     * @param  Point  $point
     * @param  Point  $from
     * @param  Point  $to
     */
    private static function apart(array $point, array $from, array $to): float
    {
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $square = $dx * $dx + $dy * $dy;
        $share = $square < 1e-12 ? 0.0 : (($point[0] - $from[0]) * $dx + ($point[1] - $from[1]) * $dy) / $square;
        $share = max(0.0, min(1.0, $share));

        return hypot($point[0] - $from[0] - $share * $dx, $point[1] - $from[1] - $share * $dy);
    }

    /**
     * @param  Point  $a
     * @param  Point  $b
     * @param  Point  $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
