<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/**
 * Fills sheets completely, if the pieces allow it. Two boxes are joined only if a whole side matches, so nothing is
 * wasted. The search goes on until boxes as large as a sheet are found that use every piece.
 *
 * A search that places piece after piece gets lost in orders this tight. Here hardly any two sides match by chance. The
 * number of boxes is limited, so finding no plan proves nothing.
 *
 * A box is known by a number. The set of its pieces has one bit each in two integers, low and high.
 */
final class PerfectFill
{
    /** The most boxes in one search, and in all searches for one order. */
    private const MOST_BOXES = 36_000;

    private const MOST_IN_ALL = 72_000;

    private const MOST_PAIRS = 2_000_000;

    private const MOST_STEPS = 20_000;

    /** The number of bits in the first integer of a set. */
    private const HALF = 60;

    /** @var list<int> the width of each box, and so on */
    private array $widths = [];

    /** @var list<int> */
    private array $heights = [];

    /** @var list<int> */
    private array $lows = [];

    /** @var list<int> */
    private array $highs = [];

    /** @var list<Box|array{int, int, Direction}> a piece, or the two boxes it is built of */
    private array $made = [];

    /** @var array<int, list<int>> the boxes by number of pieces */
    private array $levels = [];

    /** @var array<string, true> */
    private array $seen = [];

    /** How many pairs may still be looked at. */
    private int $pairs = self::MOST_PAIRS;

    /** @var array<int, list<int>> the boxes as large as a sheet, by each piece they take */
    private array $full = [];

    /** @param  list<Piece>  $pieces */
    private function __construct(private readonly int $width, private readonly int $height, private readonly array $pieces)
    {
    }

    /**
     * @param  list<Stock>  $sheets  alike in size
     * @param  list<Piece>  $pieces
     * @return CutPlan|null null where they do not fill sheets to the last square, or no way was found
     */
    public static function plan(array $sheets, array $pieces): ?CutPlan
    {
        if ($sheets === [] || count($pieces) > 2 * self::HALF) {
            return null;
        }
        $size = $sheets[0]->size;
        $area = array_sum(array_map(static fn (Piece $piece): int => $piece->size->exactArea(), $pieces));
        if ($area % $size->exactArea() !== 0 || $area > count($sheets) * $size->exactArea()) {
            return null;
        }
        $left = self::MOST_IN_ALL;
        $cover = self::fill($size->width->units, $size->height->units, $pieces, $left);
        if ($cover === null) {
            return null;
        }

        return CutPlan::of(
            array_map(
                static fn (Box $box, int $n): SheetPlan => SheetPlan::of(
                    $sheets[$n],
                    $box->cutFrom(Rect::whole($size)),
                ),
                $cover,
                array_keys($cover),
            ),
            [],
            count($cover),
        );
    }

    /**
     * Boxes as large as a sheet for all pieces. If they are not all found at once, one is fixed and the rest is
     * searched again.
     *
     * @param  list<Piece>  $pieces
     * @param  int  $left  how many boxes may still be built
     * @return list<Box>|null
     */
    private static function fill(int $width, int $height, array $pieces, int &$left): ?array
    {
        if ($pieces === []) {
            return [];
        }
        $search = new self($width, $height, $pieces);
        $cover = $search->search();
        $left -= count($search->seen);
        if ($cover !== null || $left <= 0) {
            return $cover;
        }
        foreach ($search->rarest() as $box) {
            $rest = array_values(array_filter($pieces, static fn (int $n): bool => ! $search->takes($box, $n), ARRAY_FILTER_USE_KEY));
            $more = self::fill($width, $height, $rest, $left);
            if ($more !== null) {
                return [$search->box($box), ...$more];
            }
            if ($left <= 0) {
                break;
            }
        }

        return null;
    }

    /** @return list<int> the boxes that take the piece which the fewest take */
    private function rarest(): array
    {
        $rarest = [];
        foreach ($this->full as $boxes) {
            if ($rarest === [] || count($boxes) < count($rarest)) {
                $rarest = $boxes;
            }
        }

        return $rarest;
    }

    /** @return list<Box>|null */
    private function search(): ?array
    {
        foreach ($this->pieces as $n => $piece) {
            foreach ($piece->mayTurn ? [false, true] : [false] as $turned) {
                $box = Box::of($piece, $turned);
                if ($box->fits($this->width, $this->height)) {
                    $this->keep(
                        "$box->width/$n",
                        1,
                        $box->width,
                        $box->height,
                        $n < self::HALF ? 1 << $n : 0,
                        $n < self::HALF ? 0 : 1 << ($n - self::HALF),
                        $box,
                    );
                }
            }
        }
        for ($level = 2; $level <= count($this->pieces) && $this->pairs > 0 && count($this->seen) < self::MOST_BOXES; $level++) {
            for ($one = 1; 2 * $one <= $level; $one++) {
                $this->join($level, $this->levels[$one] ?? [], $this->levels[$level - $one] ?? []);
            }
            $cover = isset($this->levels[$level]) ? $this->cover() : null;
            if ($cover !== null) {
                return $cover;
            }
        }

        return $this->cover();
    }

    /**
     * @param  list<int>  $ones
     * @param  list<int>  $others
     */
    private function join(int $level, array $ones, array $others): void
    {
        $byWidth = [];
        $byHeight = [];
        foreach ($others as $other) {
            [$width, $height] = [$this->widths[$other], $this->heights[$other]];
            $byWidth[$width][] = [$height, $this->lows[$other], $this->highs[$other], $other];
            $byHeight[$height][] = [$width, $this->lows[$other], $this->highs[$other], $other];
        }
        foreach ($ones as $one) {
            $this->joinWith($level, $one, $byHeight[$this->heights[$one]] ?? [], Direction::Down);
            $this->joinWith($level, $one, $byWidth[$this->widths[$one]] ?? [], Direction::Across);
            if ($this->pairs <= 0 || count($this->seen) >= self::MOST_BOXES) {
                return;
            }
        }
    }

    /** @param  list<array{int, int, int, int}>  $others  with a side as long as one of its own: the other side, the pieces, the box */
    private function joinWith(int $level, int $one, array $others, Direction $parted): void
    {
        $isDown = $parted === Direction::Down;
        [$width, $height, $low, $high] = [$this->widths[$one], $this->heights[$one], $this->lows[$one], $this->highs[$one]];
        $room = $isDown ? $this->width - $width : $this->height - $height;
        $this->pairs -= count($others);
        foreach ($others as [$side, $itsLow, $itsHigh, $other]) {
            if ($side > $room || ($low & $itsLow) !== 0 || ($high & $itsHigh) !== 0) {
                continue;
            }
            $both = $isDown ? $width + $side : $width;
            // A set of pieces has one area, so the width alone tells its boxes apart.
            $key = $both.'/'.($low | $itsLow).'/'.($high | $itsHigh);
            if (! isset($this->seen[$key])) {
                $this->keep(
                    $key,
                    $level,
                    $both,
                    $isDown ? $height : $height + $side,
                    $low | $itsLow,
                    $high | $itsHigh,
                    [$one, $other, $parted],
                );
            }
        }
    }

    /** @param  Box|array{int, int, Direction}  $made */
    private function keep(string $key, int $level, int $width, int $height, int $low, int $high, Box|array $made): void
    {
        $this->seen[$key] = true;
        $box = count($this->widths);
        $this->widths[] = $width;
        $this->heights[] = $height;
        $this->lows[] = $low;
        $this->highs[] = $high;
        $this->made[] = $made;
        if ($width < $this->width || $height < $this->height) {
            $this->levels[$level][] = $box;

            return;
        }
        foreach (array_keys($this->pieces) as $n) {
            if ($this->takes($box, $n)) {
                $this->full[$n][] = $box;
            }
        }
    }

    private function box(int $box): Box
    {
        $made = $this->made[$box];
        if ($made instanceof Box) {
            return $made;
        }
        [$one, $two] = [$this->box($made[0]), $this->box($made[1])];

        return $made[2] === Direction::Down ? Box::beside($one, $two) : Box::above($one, $two);
    }

    private function takes(int $box, int $n): bool
    {
        return self::has($this->lows[$box], $this->highs[$box], $n);
    }

    private static function has(int $low, int $high, int $n): bool
    {
        return (($n < self::HALF ? $low >> $n : $high >> ($n - self::HALF)) & 1) === 1;
    }

    /** @return list<Box>|null boxes as large as a sheet that take every piece once */
    private function cover(): ?array
    {
        if (count($this->full) < count($this->pieces)) {
            return null;
        }
        // The piece that fits the fewest boxes gets a box first.
        uasort($this->full, static fn (array $a, array $b): int => count($a) <=> count($b));
        $steps = 0;

        return $this->take((1 << min(count($this->pieces), self::HALF)) - 1, (1 << max(0, count($this->pieces) - self::HALF)) - 1, $steps);
    }

    /** @return list<Box>|null */
    private function take(int $low, int $high, int &$steps): ?array
    {
        if ($low === 0 && $high === 0) {
            return [];
        }
        foreach ($this->full as $n => $boxes) {
            if (self::has($low, $high, $n)) {
                return $this->takeOneOf($boxes, $low, $high, $steps);
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $boxes
     * @return list<Box>|null
     */
    private function takeOneOf(array $boxes, int $low, int $high, int &$steps): ?array
    {
        foreach ($boxes as $box) {
            [$itsLow, $itsHigh] = [$this->lows[$box], $this->highs[$box]];
            if (($itsLow & $low) !== $itsLow || ($itsHigh & $high) !== $itsHigh) {
                continue;
            }
            if (++$steps > self::MOST_STEPS) {
                return null;
            }
            $rest = $this->take($low ^ $itsLow, $high ^ $itsHigh, $steps);
            if ($rest !== null) {
                return [$this->box($box), ...$rest];
            }
        }

        return null;
    }
}
