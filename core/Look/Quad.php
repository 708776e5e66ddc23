<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A piece with four straight sides, as a camera sees right angles. A line is fitted through the points of each side,
 * away from its ends, and the corners are where the lines meet.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class Quad
{
    /** The share of a side that is left out at each end, since corners may be round. */
    private const ENDS = 0.13;

    /** The least ratio of its area to that of the piece, and the other way round. */
    private const FILLED = 0.955;

    /** @param  array{Point, Point, Point, Point}  $corners  clockwise from the upper left */
    private function __construct(public array $corners)
    {
    }

    /** @param  array{Point, Point, Point, Point}  $corners  in their order round it */
    public static function withCorners(array $corners): self
    {
        return new self(self::inOrder($corners));
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @return self|null null where it has not four straight sides
     */
    public static function of(array $ring): ?self
    {
        $hull = Ring::hull($ring);
        if (count($ring) < 16 || count($hull) < 4) {
            return null;
        }
        $rough = self::largest($hull);
        $lines = [];
        foreach ($rough as $n => $from) {
            $to = $rough[$n + 1] ?? $rough[0];
            $side = self::side($ring, $from, $to);
            if ($side === null) {
                return null;
            }
            $lines[] = $side;
        }
        $corners = [];
        foreach ($lines as $n => $line) {
            $corner = self::meet($lines[($n + 3) % 4], $line);
            if ($corner === null) {
                return null;
            }
            $corners[] = $corner;
        }
        [$area, $filled] = [abs(Ring::area($corners)), abs(Ring::area($ring))];
        if ($area < 1 || $filled / $area < self::FILLED || $area / max(1.0, $filled) < self::FILLED) {
            return null;
        }

        return new self(self::inOrder([$corners[0], $corners[1], $corners[2], $corners[3]]));
    }

    /** @return array{float, float} how long it is from left to right and from top to bottom, as the picture has it */
    public function sides(): array
    {
        [$a, $b, $c, $d] = $this->corners;
        [$top, $bottom] = [hypot($b[0] - $a[0], $b[1] - $a[1]), hypot($c[0] - $d[0], $c[1] - $d[1])];
        [$left, $right] = [hypot($d[0] - $a[0], $d[1] - $a[1]), hypot($c[0] - $b[0], $c[1] - $b[1])];

        return [($top + $bottom) / 2, ($left + $right) / 2];
    }

    public function area(): float
    {
        return abs(Ring::area($this->corners));
    }

    /**
     * The four points of a hull with the largest area. It starts with the two farthest apart and moves each point until
     * the area no longer grows.
     *
     * @param  list<Point>  $hull
     * @return non-empty-list<Point>
     */
    private static function largest(array $hull): array
    {
        [$a, $c] = [0, 0];
        $best = -1.0;
        foreach ($hull as $i => $one) {
            foreach ($hull as $j => $two) {
                $apart = hypot($one[0] - $two[0], $one[1] - $two[1]);
                [$a, $c, $best] = $j > $i && $apart > $best ? [$i, $j, $apart] : [$a, $c, $best];
            }
        }
        $many = count($hull);
        $b = ($a + max(1, intdiv($c - $a, 2))) % $many;
        $d = ($c + max(1, intdiv($many - $c + $a, 2))) % $many;
        $at = [$a, $b, $c, $d];
        for ($round = 0; $round < 12; $round++) {
            $was = $at;
            foreach ([1, 3, 0, 2] as $n) {
                $before = $at[($n + 3) % 4];
                $after = $at[($n + 1) % 4];
                $most = -1.0;
                for ($i = ($before + 1) % $many; $i !== $after; $i = ($i + 1) % $many) {
                    $area = abs(Ring::area([$hull[$before], $hull[$i], $hull[$after]]));
                    [$at[$n], $most] = $area > $most ? [$i, $area] : [$at[$n], $most];
                }
            }
            if ($at === $was) {
                break;
            }
        }

        return [$hull[$at[0]], $hull[$at[1]], $hull[$at[2]], $hull[$at[3]]];
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @param  Point  $from
     * @param  Point  $to
     * @return array{Point, Point}|null a point of the line and its direction; null where the side is not straight
     */
    private static function side(array $ring, array $from, array $to): ?array
    {
        $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
        if ($long < 8) {
            return null;
        }
        [$ux, $uy] = [($to[0] - $from[0]) / $long, ($to[1] - $from[1]) / $long];
        $near = max(3.0, 0.03 * $long);
        $points = [];
        foreach ($ring as $point) {
            [$dx, $dy] = [$point[0] - $from[0], $point[1] - $from[1]];
            $along = ($dx * $ux + $dy * $uy) / $long;
            if ($along > self::ENDS && $along < 1 - self::ENDS && abs($dx * $uy - $dy * $ux) <= $near) {
                $points[] = $point;
            }
        }
        // A side that bulges has few points near the line between its corners.
        if (count($points) < 0.8 * (1 - 2 * self::ENDS) * $long / 2 - 2 || count($points) < 4) {
            return null;
        }
        $line = self::fitted($points);
        $apart = self::distances($points, $line);
        sort($apart);
        $most = max(0.4, 2.5 * $apart[intdiv(count($apart), 2)]);
        $kept = [];
        foreach ($points as $n => $point) {
            if (self::distances([$point], $line)[0] <= $most) {
                $kept[] = $point;
            }
        }

        return $apart[intdiv(9 * count($apart), 10)] > max(1.3, 0.006 * $long) || count($kept) < 4 ? null : self::fitted($kept);
    }

    /**
     * @param  non-empty-list<Point>  $points
     * @return array{Point, Point}
     */
    private static function fitted(array $points): array
    {
        $many = count($points);
        $x = array_sum(array_column($points, 0)) / $many;
        $y = array_sum(array_column($points, 1)) / $many;
        [$xx, $xy, $yy] = [0.0, 0.0, 0.0];
        foreach ($points as [$u, $v]) {
            $xx += ($u - $x) ** 2;
            $xy += ($u - $x) * ($v - $y);
            $yy += ($v - $y) ** 2;
        }
        $angle = atan2(2 * $xy, $xx - $yy) / 2;

        return [[$x, $y], [cos($angle), sin($angle)]];
    }

    /**
     * @param  list<Point>  $points
     * @param  array{Point, Point}  $line
     * @return list<float>
     */
    private static function distances(array $points, array $line): array
    {
        [[$x, $y], [$dx, $dy]] = $line;

        return array_map(static fn (array $p): float => abs(($p[0] - $x) * $dy - ($p[1] - $y) * $dx), $points);
    }

    /**
     * @param  array{Point, Point}  $one
     * @param  array{Point, Point}  $two
     * @return Point|null
     */
    private static function meet(array $one, array $two): ?array
    {
        [[$x, $y], [$dx, $dy]] = $one;
        [[$u, $v], [$ex, $ey]] = $two;
        $cross = $dx * $ey - $dy * $ex;
        // Sides that meet at less than 20 degrees do not belong to right angles.
        if (abs($cross) < 0.34) {
            return null;
        }
        $along = (($u - $x) * $ey - ($v - $y) * $ex) / $cross;

        return [$x + $along * $dx, $y + $along * $dy];
    }

    /**
     * @param  array{Point, Point, Point, Point}  $corners
     * @return array{Point, Point, Point, Point}
     */
    private static function inOrder(array $corners): array
    {
        $ring = Ring::area($corners) < 0 ? array_reverse($corners) : $corners;
        $first = 0;
        foreach ($ring as $n => [$x, $y]) {
            $first = $x + $y < $ring[$first][0] + $ring[$first][1] ? $n : $first;
        }

        return [$ring[$first], $ring[($first + 1) % 4], $ring[($first + 2) % 4], $ring[($first + 3) % 4]];
    }
}
