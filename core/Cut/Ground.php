<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/**
 * The most that the area beside a box in the corner of a sheet could give, if every wish were unlimited.
 *
 * The recursion of Gilmore and Gomory, "Multistage cutting stock problems of two and more dimensions", Operations
 * Research 13 (1965), over sums of sides. From it the rest of the sheet is counted in strips to the right and below, as
 * in Viswanathan and Bagchi.
 */
final class Ground
{
    /** With more positions than this along a side, the sums take longer than they save. */
    private const MOST_PLACES = 90;

    /** @var array<int, array<int, int>> the most worth of a part that reaches to these places */
    private array $worth = [];

    /** @var array<int, array<int, int>> the most worth beside a box that reaches to these places */
    private array $beside = [];

    /**
     * @param  list<int>  $xs  places along the width, 0 and the width itself among them
     * @param  list<int>  $ys
     * @param  array<int, int>  $column  by place
     * @param  array<int, int>  $row
     * @param  list<list<int>>  $across  the last place that what lies between two places along the width reaches to
     * @param  list<list<int>>  $down
     */
    private function __construct(
        private readonly array $xs,
        private readonly array $ys,
        private readonly array $column,
        private readonly array $row,
        private readonly array $across,
        private readonly array $down,
    ) {
    }

    /**
     * @param  list<Demand>  $wishes
     * @return self|null null where there are too many places
     */
    public static function of(Size $sheet, array $wishes): ?self
    {
        $ways = [];
        foreach ($wishes as $wish) {
            foreach ($wish->piece->mayTurn ? [$wish->piece->size, $wish->piece->size->turned()] : [$wish->piece->size] as $way) {
                $ways[] = [$way->width->units, $way->height->units, $wish->worth];
            }
        }
        $xs = self::places(array_column($ways, 0), $sheet->width->units);
        $ys = self::places(array_column($ways, 1), $sheet->height->units);
        if ($xs === null || $ys === null) {
            return null;
        }
        $ground = new self($xs, $ys, array_flip($xs), array_flip($ys), self::gaps($xs), self::gaps($ys));
        $ground->count($ways);

        return $ground;
    }

    /** The most beside a box with these sides. Both are sums of sides of pieces. */
    public function beside(int $width, int $height): int
    {
        if ($this->beside === []) {
            $this->countBeside();
        }

        return $this->beside[$this->column[$width]][$this->row[$height]];
    }

    /** The most that can be cut from a part of any size up to the sheet. */
    public function most(int $width, int $height): int
    {
        return $this->worth[self::at($this->xs, $width)][self::at($this->ys, $height)];
    }

    /**
     * @param  list<int>  $sides
     * @return list<int>|null every sum of sides that is no longer than the sheet, and its own
     */
    private static function places(array $sides, int $long): ?array
    {
        $places = [0 => true];
        $new = [0];
        while ($new !== []) {
            $from = array_pop($new);
            foreach ($sides as $side) {
                if ($from + $side <= $long && ! isset($places[$from + $side])) {
                    $places[$from + $side] = true;
                    $new[] = $from + $side;
                }
            }
            if (count($places) > self::MOST_PLACES) {
                return null;
            }
        }
        $places[$long] = true;
        $places = array_keys($places);
        sort($places);

        return $places;
    }

    /**
     * @param  list<int>  $places
     * @return list<list<int>> by a place and one that is no nearer
     */
    private static function gaps(array $places): array
    {
        $gaps = [];
        foreach ($places as $far) {
            $reached = 0;
            $own = [];
            // The nearer the other position, the narrower the gap. From the far end the value only grows.
            foreach (array_reverse($places) as $near) {
                while ($near <= $far && isset($places[$reached + 1]) && $places[$reached + 1] <= $far - $near) {
                    $reached++;
                }
                $own[] = $reached;
            }
            $gaps[] = array_reverse($own);
        }

        return $gaps;
    }

    /** @param  list<array{int, int, int}>  $ways */
    private function count(array $ways): void
    {
        foreach ($this->xs as $i => $x) {
            foreach ($this->ys as $j => $y) {
                $best = max($i > 0 ? $this->worth[$i - 1][$j] : 0, $j > 0 ? $this->worth[$i][$j - 1] : 0);
                foreach ($ways as [$w, $h, $worth]) {
                    if ($worth > $best && $w <= $x && $h <= $y) {
                        $best = $worth;
                    }
                }
                for ($k = 1; $k < $i && 2 * $this->xs[$k] <= $x; $k++) {
                    $best = max($best, $this->worth[$k][$j] + $this->worth[$this->across[$i][$k]][$j]);
                }
                for ($k = 1; $k < $j && 2 * $this->ys[$k] <= $y; $k++) {
                    $best = max($best, $this->worth[$i][$k] + $this->worth[$i][$this->down[$j][$k]]);
                }
                $this->worth[$i][$j] = $best;
            }
        }
    }

    private function countBeside(): void
    {
        $last = [count($this->xs) - 1, count($this->ys) - 1];
        for ($i = $last[0]; $i >= 0; $i--) {
            for ($j = $last[1]; $j >= 0; $j--) {
                $best = 0;
                for ($k = $i + 1; $k <= $last[0]; $k++) {
                    $best = max($best, $this->worth[$this->across[$k][$i]][$j] + $this->beside[$k][$j]);
                }
                for ($k = $j + 1; $k <= $last[1]; $k++) {
                    $best = max($best, $this->worth[$i][$this->down[$k][$j]] + $this->beside[$i][$k]);
                }
                $this->beside[$i][$j] = $best;
            }
        }
    }

    /**
     * The last position that is not beyond this.
     *
     * @param  list<int>  $places
     */
    private static function at(array $places, int $far): int
    {
        [$low, $high] = [0, count($places) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($places[$middle] <= $far) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }
}
