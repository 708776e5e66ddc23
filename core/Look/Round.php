<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A round thing as a camera sees it: an ellipse, known by the moments of its area.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class Round
{
    /** Its rim is nowhere farther from an ellipse than this share of its radius. */
    private const OFF = 0.035;

    /** @param  float  $angle  of its longer axis, in radians */
    private function __construct(public float $x, public float $y, public float $long, public float $short, public float $angle)
    {
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @return self|null null where it is no oval
     */
    public static function of(array $ring): ?self
    {
        if (count($ring) < 8) {
            return null;
        }
        [$x, $y, $xx, $xy, $yy] = Ring::moments($ring);
        $middle = ($xx + $yy) / 2;
        $apart = sqrt((($xx - $yy) / 2) ** 2 + $xy ** 2);
        // The second moment of an ellipse along an axis is a quarter of the squared half axis.
        $long = 2 * sqrt(max(1e-9, $middle + $apart));
        $short = 2 * sqrt(max(1e-9, $middle - $apart));
        $angle = atan2(2 * $xy, $xx - $yy) / 2;
        [$c, $s] = [cos($angle), sin($angle)];
        $off = 0.0;
        foreach ($ring as [$u, $v]) {
            $along = (($u - $x) * $c + ($v - $y) * $s) / $long;
            $across = (($v - $y) * $c - ($u - $x) * $s) / $short;
            $off = max($off, abs(hypot($along, $across) - 1));
        }

        // A step of one pixel does not count, since small circles have few pixels.
        return $off > max(self::OFF, 0.8 / $short) ? null : new self($x, $y, $long, $short, $angle);
    }

    /** How flat it looks: 1 if it is seen straight from above. */
    public function flat(): float
    {
        return $this->short / $this->long;
    }
}
