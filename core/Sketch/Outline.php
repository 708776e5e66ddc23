<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/**
 * The outline of a part as polygons of whole units on the front: the outer edge first, then its openings.
 *
 * Curves are polygons of points on them (the rational points of the circle), so that all sums stay whole.
 */
final readonly class Outline
{
    /** The number of points in a quarter of an ellipse and in a rounded corner, less one. */
    private const QUARTER = 12;

    private const CORNER = 4;

    /** @param  non-empty-list<non-empty-list<array{int, int}>>  $rings */
    private function __construct(public array $rings, public bool $isRect, private bool $isCurved = false)
    {
    }

    public static function rect(Rect $rect): self
    {
        return new self([self::corners($rect)], true);
    }

    /** @param  non-empty-list<array{int, int}>  $points in order round the outline */
    public static function polygon(array $points): self
    {
        return new self([$points], false);
    }

    public static function oval(Rect $rect): self
    {
        return self::withCorners($rect, intdiv($rect->size->width->units, 2), intdiv($rect->size->height->units, 2), self::QUARTER);
    }

    /** A rectangle whose corners are quarters of a circle. */
    public static function rounded(Rect $rect, int $radius): self
    {
        return self::withCorners($rect, $radius, $radius, self::CORNER);
    }

    private static function withCorners(Rect $rect, int $across, int $down, int $fine): self
    {
        $arc = self::arc($across, $down, $fine);
        $points = [];
        foreach ([[1, 1], [-1, 1], [-1, -1], [1, -1]] as $corner => [$right, $low]) {
            $x = $right > 0 ? $rect->right()->units - $across : $rect->x->units + $across;
            $y = $low > 0 ? $rect->bottom()->units - $down : $rect->y->units + $down;
            foreach ($corner % 2 === 0 ? $arc : array_reverse($arc) as [$dx, $dy]) {
                $points[] = [$x + $right * $dx, $y + $low * $dy];
            }
        }

        return new self([$points], false, true);
    }

    /** With an opening through which what lies below is seen. */
    public function open(self $opening): self
    {
        return new self([...$this->rings, $opening->rings[0]], false, $this->isCurved || $opening->isCurved);
    }

    /** @return list<int> the heights of all its corners; of curves only where they begin and end */
    public function levels(): array
    {
        if ($this->isCurved) {
            return array_merge(
                ...array_map(
                    static fn (array $ring): array => [min(array_column($ring, 1)), max(array_column($ring, 1))],
                    $this->rings,
                ),
            );
        }

        return array_values(
            array_unique(
                array_merge(...array_map(static fn (array $ring): array => array_column($ring, 1), $this->rings)),
            ),
        );
    }

    /**
     * The intervals of a level line within it. The line passes no corner.
     *
     * @return list<array{int, int}> from and to, from the left
     */
    public function across(int $y): array
    {
        if ($this->isRect) {
            [[$left, $top], [$right], [, $bottom]] = $this->rings[0];

            return $top < $y && $y < $bottom ? [[$left, $right]] : [];
        }
        $at = [];
        foreach ($this->rings as $ring) {
            [$x1, $y1] = $ring[count($ring) - 1];
            foreach ($ring as [$x2, $y2]) {
                if (($y1 <= $y) !== ($y2 <= $y)) {
                    $at[] = $x1 + intdiv(($x2 - $x1) * ($y - $y1), $y2 - $y1);
                }
                $x1 = $x2;
                $y1 = $y2;
            }
        }
        sort($at);

        return array_map(static fn (array $pair): array => [$pair[0], $pair[1] ?? $pair[0]], array_chunk($at, 2));
    }

    public function bounds(): Rect
    {
        [$xs, $ys] = [array_column($this->rings[0], 0), array_column($this->rings[0], 1)];

        return Rect::ofUnits(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /** Square units. */
    public function area(): int
    {
        $area = 0;
        foreach ($this->rings as $n => $ring) {
            $twice = 0;
            $last = $ring[count($ring) - 1];
            foreach ($ring as $point) {
                $twice += $last[0] * $point[1] - $point[0] * $last[1];
                $last = $point;
            }
            $area += ($n === 0 ? 1 : -1) * intdiv(abs($twice), 2);
        }

        return $area;
    }

    /** @return non-empty-list<array{int, int}> */
    private static function corners(Rect $rect): array
    {
        [$left, $top, $right, $bottom] = [$rect->x->units, $rect->y->units, $rect->right()->units, $rect->bottom()->units];

        return [[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]];
    }

    /** @return non-empty-list<array{int, int}> from the right of a quarter oval round to its foot */
    private static function arc(int $across, int $down, int $n): array
    {
        $points = [[$across, 0]];
        for ($k = 1; $k <= $n; $k++) {
            $sum = $n * $n + $k * $k;
            $points[] = [intdiv($across * ($n * $n - $k * $k), $sum), intdiv($down * 2 * $n * $k, $sum)];
        }

        return $points;
    }
}
