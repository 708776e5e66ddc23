<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A photograph of a table, corrected by a thing of known size on it. It gives the place of every point on the table in
 * millimetres, and how certain that is. Up on the photograph stays up.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class Squared
{
    /** A fitted corner or rim is off by about this share of a pixel. */
    private const OFF = 0.2;

    private function __construct(
        private Homography $onTable,
        private Homography $onPhoto,
        private float $x,
        private float $y,
        private float $span,
        private float $tilt,
    ) {
    }

    /**
     * By the four corners of a rectangle: the whole picture is corrected.
     *
     * @param  float  $one  a side in millimetres; which of the two lies across is told by the picture
     * @param  Point  $middle  of the photograph, where up is kept
     *
     * @throws BadReference
     */
    public static function bySheet(Quad $quad, float $one, float $two, array $middle): self
    {
        [$across, $down] = $quad->sides();
        [$wide, $high] = $across >= $down ? [max($one, $two), min($one, $two)] : [min($one, $two), max($one, $two)];
        $flat = [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]];
        $first = Homography::of($quad->corners, $flat);
        [$x, $y] = $first->apply($middle[0], $middle[1]);
        [$u, $v] = $first->apply($middle[0] + 10, $middle[1]);
        $turn = atan2($v - $y, $u - $x);
        $turned = array_map(static fn (array $p): array => self::turned($p, -$turn), $flat);
        $onTable = Homography::of($quad->corners, $turned);
        [$mx, $my] = [($turned[0][0] + $turned[2][0]) / 2, ($turned[0][1] + $turned[2][1]) / 2];

        return new self($onTable, $onTable->inverse(), $mx, $my, min($wide, $high), 0.0);
    }

    /**
     * By a coin: its ellipse says how far the table leans, but not which side is nearer.
     *
     * @param  float  $across  its diameter in millimetres
     */
    public static function byCoin(Round $coin, float $across): self
    {
        $onTable = Homography::stretched($coin->angle, $across / 2 / $coin->long, $across / 2 / $coin->short);
        [$x, $y] = $onTable->apply($coin->x, $coin->y);

        return new self($onTable, $onTable->inverse(), $x, $y, $across, sqrt(max(0.0, 1 - $coin->flat() ** 2)));
    }

    /**
     * By two points at a known distance: the photograph is assumed to be from straight above.
     *
     * @param  Point  $one
     * @param  Point  $two
     *
     * @throws BadReference
     */
    public static function byPoints(array $one, array $two, float $apart): self
    {
        if (hypot($two[0] - $one[0], $two[1] - $one[1]) < 20) {
            throw BadReference::because('The two points are too near each other to measure by.');
        }
        $onTable = Homography::ofTwo($one[0], $one[1], $two[0], $two[1], $apart);
        [$x, $y] = $onTable->apply(($one[0] + $two[0]) / 2, ($one[1] + $two[1]) / 2);

        return new self($onTable, $onTable->inverse(), $x, $y, $apart, 0.0);
    }

    /**
     * @param  non-empty-list<Point>  $ring  on the photograph
     * @return non-empty-list<Point> on the table, in millimetres
     */
    public function onTable(array $ring): array
    {
        return $this->onTable->all($ring);
    }

    /** @return Point on the photograph, of a place on the table in millimetres */
    public function onPhoto(float $x, float $y): array
    {
        return $this->onPhoto->apply($x, $y);
    }

    /** @return float how many millimetres a pixel is at a place of the photograph */
    public function pixel(float $x, float $y): float
    {
        [$ax, $ay] = $this->onTable->apply($x, $y);
        [$bx, $by] = $this->onTable->apply($x + 1, $y);
        [$cx, $cy] = $this->onTable->apply($x, $y + 1);

        return sqrt(max(1e-9, abs(($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax))));
    }

    /**
     * How far off a measure may be. Edges are off by a share of a pixel. The scale is off as the reference is, and more
     * for distant points and small references.
     *
     * @param  non-empty-list<Point>  $ring  on the table
     * @return float millimetres, of the longer side
     */
    public function off(array $ring): float
    {
        [$left, $top, $right, $bottom] = Ring::bounds($ring);
        [$x, $y] = [($left + $right) / 2, ($top + $bottom) / 2];
        $size = max($right - $left, $bottom - $top);
        $pixel = $this->pixel(...$this->onPhoto($x, $y));
        $far = hypot($x - $this->x, $y - $this->y) / $this->span;
        $scale = self::OFF * $pixel / $this->span * (1 + 2 * $far) + $this->tilt * $this->tilt * $far * $this->span / 600;

        return 2 * self::OFF * $pixel + $scale * $size;
    }

    /** Whether the photograph is tilted too much for a coin. */
    public function leans(): bool
    {
        return $this->tilt > 0.2;
    }

    /**
     * @param  Point  $point
     * @return Point
     */
    public static function turned(array $point, float $angle): array
    {
        [$c, $s] = [cos($angle), sin($angle)];

        return [$point[0] * $c - $point[1] * $s, $point[0] * $s + $point[1] * $c];
    }
}
