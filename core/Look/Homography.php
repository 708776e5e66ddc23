<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The mapping of a plane by a camera, in which straight lines stay straight. Four points define it (R. Hartley and A.
 * Zisserman, "Multiple View Geometry in Computer Vision", 2nd ed., 4.1).
 *
 * @phpstan-type Point array{float, float}
 */
final readonly class Homography
{
    /** @param  non-empty-list<float>  $m  nine numbers, row by row */
    private function __construct(private array $m)
    {
    }

    /**
     * @param  list<Point>  $from  four points, no three of them on a line
     * @param  list<Point>  $to  where they come to lie
     *
     * @throws BadReference where three of them are on a line
     */
    public static function of(array $from, array $to): self
    {
        $rows = [];
        for ($n = 0; $n < 4; $n++) {
            [[$x, $y], [$u, $v]] = [$from[$n], $to[$n]];
            $rows[] = [$x, $y, 1.0, 0.0, 0.0, 0.0, -$u * $x, -$u * $y, $u];
            $rows[] = [0.0, 0.0, 0.0, $x, $y, 1.0, -$v * $x, -$v * $y, $v];
        }

        return new self([...self::solved($rows), 1.0]);
    }

    /** Only turned, moved and scaled: defined by two points. */
    public static function ofTwo(float $x1, float $y1, float $x2, float $y2, float $apart): self
    {
        $scale = $apart / max(1e-9, hypot($x2 - $x1, $y2 - $y1));

        return new self([$scale, 0.0, 0.0, 0.0, $scale, 0.0, 0.0, 0.0, 1.0]);
    }

    /**
     * Stretched along one direction.
     *
     * @param  float  $angle  the direction, in radians
     * @param  float  $along  how many times as long along it
     * @param  float  $across  and across it
     */
    public static function stretched(float $angle, float $along, float $across): self
    {
        [$c, $s] = [cos($angle), sin($angle)];
        $mixed = ($along - $across) * $c * $s;

        return new self([
            $along * $c * $c + $across * $s * $s, $mixed, 0.0,
            $mixed, $along * $s * $s + $across * $c * $c, 0.0,
            0.0, 0.0, 1.0,
        ]);
    }

    /** @return Point */
    public function apply(float $x, float $y): array
    {
        $m = $this->m;
        $w = $m[6] * $x + $m[7] * $y + $m[8];
        $w = abs($w) < 1e-12 ? 1e-12 : $w;

        return [($m[0] * $x + $m[1] * $y + $m[2]) / $w, ($m[3] * $x + $m[4] * $y + $m[5]) / $w];
    }

    /**
     * @param  non-empty-list<Point>  $points
     * @return non-empty-list<Point>
     */
    public function all(array $points): array
    {
        return array_map(fn (array $point): array => $this->apply($point[0], $point[1]), $points);
    }

    public function inverse(): self
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->m;

        return new self([
            $e * $i - $f * $h, $c * $h - $b * $i, $b * $f - $c * $e,
            $f * $g - $d * $i, $a * $i - $c * $g, $c * $d - $a * $f,
            $d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d,
        ]);
    }

    /**
     * By elimination with the largest pivot.
     *
     * @param  non-empty-list<non-empty-list<float>>  $rows  each of as many numbers as there are unknowns, and what they come to
     * @return list<float>
     *
     * @throws BadReference
     */
    public static function solved(array $rows): array
    {
        $many = count($rows);
        for ($at = 0; $at < $many; $at++) {
            $best = $at;
            for ($n = $at + 1; $n < $many; $n++) {
                $best = abs($rows[$n][$at]) > abs($rows[$best][$at]) ? $n : $best;
            }
            [$rows[$at], $rows[$best]] = [$rows[$best], $rows[$at]];
            if (abs($rows[$at][$at]) < 1e-9) {
                throw BadReference::because('Three of these corners lie on one line.');
            }
            for ($n = 0; $n < $many; $n++) {
                $times = $n === $at ? 0.0 : $rows[$n][$at] / $rows[$at][$at];
                if ($times !== 0.0) {
                    foreach ($rows[$at] as $k => $value) {
                        $rows[$n][$k] -= $times * $value;
                    }
                }
            }
        }

        return array_map(static fn (int $n): float => $rows[$n][$many] / $rows[$n][$n], range(0, $many - 1));
    }
}
