<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A round thing as a camera sees it: an oval, known by the moments of what is inside it.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class Round
{
    /** Its rim is nowhere farther from an oval than by so much of its radius. */
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
        // Of an oval the second moment along an axis is a quarter of its half square.
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

        // A tooth of a pixel is none: small rounds are of few pixels.
        return $off > max(self::OFF, 0.8 / $short) ? null : new self($x, $y, $long, $short, $angle);
    }

    /** How flat it looks: 1 where it is seen straight from above. */
    public function flat(): float
    {
        return $this->short / $this->long;
    }
}
