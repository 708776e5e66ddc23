<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/**
 * Fills sheets to the last square where pieces do that: two boxes are laid together only where a whole side matches,
 * so that nothing is wasted, until boxes as large as a sheet are found that together take every piece.
 *
 * For orders as tight as these a search by placing gets lost, while here hardly any two sides match by chance. The
 * number of boxes is limited, so nothing is proven by not finding a plan.
 *
 * A built box is the box and the set of its pieces, a bit each in two whole numbers.
 *
 * @phpstan-type Built array{Box, int, int}
 */
final class Mosaic
{
    /** Boxes built in one search, and in all searches for one order. */
    private const MOST_BOXES = 36_000;

    private const MOST_IN_ALL = 72_000;

    private const MOST_PAIRS = 2_000_000;

    private const MOST_STEPS = 20_000;

    /** Bits of a set in its first number. */
    private const HALF = 60;

    /** @var array<int, list<Built>> by number of pieces */
    private array $levels = [];

    /** @var array<string, true> */
    private array $seen = [];

    /** How many pairs may still be looked at. */
    private int $pairs = self::MOST_PAIRS;

    /** @var array<int, list<Built>> the boxes as large as a sheet, by each piece they take */
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
            array_map(static fn (Box $box, int $n): SheetPlan => SheetPlan::of($sheets[$n], $box->cutFrom(Rect::whole($size))), $cover, array_keys($cover)),
            [],
            count($cover),
        );
    }

    /**
     * Boxes as large as a sheet for all pieces; where not all are found at once, one is taken and the rest sought anew.
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
        foreach ($search->rarest() as [$box, $low, $high]) {
            $rest = array_values(array_filter($pieces, static fn (int $n): bool => ! self::takes($low, $high, $n), ARRAY_FILTER_USE_KEY));
            $more = self::fill($width, $height, $rest, $left);
            if ($more !== null) {
                return [$box, ...$more];
            }
            if ($left <= 0) {
                break;
            }
        }

        return null;
    }

    /** @return list<Built> the boxes that take the piece which the fewest take */
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
                    $this->keep("$box->width/$n", 1, $box, $n < self::HALF ? 1 << $n : 0, $n < self::HALF ? 0 : 1 << ($n - self::HALF));
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
     * @param  list<Built>  $ones
     * @param  list<Built>  $others
     */
    private function join(int $level, array $ones, array $others): void
    {
        $byWidth = [];
        $byHeight = [];
        foreach ($others as $other) {
            $byWidth[$other[0]->width][] = $other;
            $byHeight[$other[0]->height][] = $other;
        }
        foreach ($ones as $one) {
            $this->joinWith($level, $one, $byHeight[$one[0]->height] ?? [], Direction::Down);
            $this->joinWith($level, $one, $byWidth[$one[0]->width] ?? [], Direction::Across);
            if ($this->pairs <= 0 || count($this->seen) >= self::MOST_BOXES) {
                return;
            }
        }
    }

    /**
     * @param  Built  $one
     * @param  list<Built>  $others  with a side as long as one of its own
     */
    private function joinWith(int $level, array $one, array $others, Direction $parted): void
    {
        [$box, $low, $high] = $one;
        $isDown = $parted === Direction::Down;
        $room = $isDown ? $this->width - $box->width : $this->height - $box->height;
        $this->pairs -= count($others);
        foreach ($others as [$other, $itsLow, $itsHigh]) {
            if (($low & $itsLow) !== 0 || ($high & $itsHigh) !== 0 || ($isDown ? $other->width : $other->height) > $room) {
                continue;
            }
            // A set of pieces has one area, so its width tells it from its other boxes.
            $key = ($isDown ? $box->width + $other->width : $box->width).'/'.($low | $itsLow).'/'.($high | $itsHigh);
            if (! isset($this->seen[$key])) {
                $this->keep($key, $level, $isDown ? Box::beside($box, $other) : Box::above($box, $other), $low | $itsLow, $high | $itsHigh);
            }
        }
    }

    private function keep(string $key, int $level, Box $box, int $low, int $high): void
    {
        $this->seen[$key] = true;
        if ($box->width < $this->width || $box->height < $this->height) {
            $this->levels[$level][] = [$box, $low, $high];

            return;
        }
        foreach (array_keys($this->pieces) as $n) {
            if (self::takes($low, $high, $n)) {
                $this->full[$n][] = [$box, $low, $high];
            }
        }
    }

    private static function takes(int $low, int $high, int $n): bool
    {
        return (($n < self::HALF ? $low >> $n : $high >> ($n - self::HALF)) & 1) === 1;
    }

    /** @return list<Box>|null boxes as large as a sheet that take every piece once */
    private function cover(): ?array
    {
        if (count($this->full) < count($this->pieces)) {
            return null;
        }
        // The piece that the fewest boxes take is given one first.
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
            if (self::takes($low, $high, $n)) {
                return $this->takeOneOf($boxes, $low, $high, $steps);
            }
        }

        return null;
    }

    /**
     * @param  list<Built>  $boxes
     * @return list<Box>|null
     */
    private function takeOneOf(array $boxes, int $low, int $high, int &$steps): ?array
    {
        foreach ($boxes as [$box, $itsLow, $itsHigh]) {
            if (($itsLow & $low) !== $itsLow || ($itsHigh & $high) !== $itsHigh) {
                continue;
            }
            if (++$steps > self::MOST_STEPS) {
                return null;
            }
            $rest = $this->take($low ^ $itsLow, $high ^ $itsHigh, $steps);
            if ($rest !== null) {
                return [$box, ...$rest];
            }
        }

        return null;
    }
}
