<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/**
 * The most valuable way to cut one sheet when any number of each piece is useful: the unbounded guillotine knapsack of
 * Gilmore and Gomory, "Multistage cutting stock problems of two and more dimensions", Operations Research 13 (1965), in
 * the form of Beasley, "Algorithms for unconstrained two-dimensional guillotine cutting", Journal of the Operational
 * Research Society 36 (1985). It goes over every rectangle whose sides are sums of sides of pieces (Herz 1972).
 *
 * @phpstan-type Worth array{width: int, height: int, worth: float, mayTurn: bool}
 */
final readonly class Knapsack
{
    /** With more sums of sides than this they are counted in steps. */
    private const SUMS = 260;

    private const STEPS = 120;

    /** The same where a good pattern is enough. */
    private const FEW_SUMS = 110;

    private const FEW_STEPS = 96;

    /**
     * @param  float  $most  no pattern is worth more: more than its own worth only where sides were counted in steps
     * @param  array<int, int>  $counts  of each piece, by its number
     * @param  Box|null  $box  null where nothing is worth cutting
     */
    private function __construct(public float $worth, public float $most, public array $counts, public ?Box $box)
    {
    }

    /**
     * If sides add up to too many sums, they are counted in steps of a small part of the sheet. Rounding pieces up
     * gives a pattern. Rounding them down gives a bound on its value. No step is larger than the narrowest piece:
     * otherwise a piece could be rounded to nothing and fit for ever. Where there would be too many steps, or where it
     * is lower, the area bounds the value.
     *
     * @param  array<int, Worth>  $worths  pieces by number, sides in units
     */
    public static function best(Size $sheet, array $worths): self
    {
        $ways = self::ways($worths);
        [$width, $height] = [$sheet->width->units, $sheet->height->units];
        $exact = self::exact($sheet, $ways, self::SUMS);
        if ($exact !== null) {
            return $exact;
        }
        $narrowest = min([$sheet->longer()->units, ...array_map(static fn (array $way): int => min($way[0], $way[1]), $ways)]);
        $step = intdiv($sheet->longer()->units, self::STEPS) + 1;
        $isNarrow = $narrowest < intdiv($sheet->longer()->units, self::SUMS) + 1;
        $step = $isNarrow ? $step : min($step, $narrowest);
        $pattern = self::roundedUp($sheet, $ways, $step);

        return new self($pattern->worth, min(
            self::byArea($sheet, $ways),
            $isNarrow ? INF : self::above(self::stepped($sheet, $ways, $step, false), $ways, $width, $height),
        ), $pattern->counts, $pattern->box);
    }

    /**
     * A pattern that is nearly the most valuable, in a fraction of the time. Nothing is bounded by it.
     *
     * @param  array<int, Worth>  $worths  pieces by number, sides in units
     */
    public static function good(Size $sheet, array $worths): self
    {
        $ways = self::ways($worths);

        return self::exact($sheet, $ways, self::FEW_SUMS)
            ?? self::roundedUp($sheet, $ways, intdiv($sheet->longer()->units, self::FEW_STEPS) + 1);
    }

    /**
     * Null where sides add up to too many sums.
     *
     * @param  list<array{int, int, float, int, bool}>  $ways
     */
    private static function exact(Size $sheet, array $ways, int $most): ?self
    {
        $across = self::sums($sheet->width->units, array_column($ways, 0), $most);
        $down = self::sums($sheet->height->units, array_column($ways, 1), $most);

        return max(count($across), count($down)) <= $most ? self::on($ways, $ways, $across, $down) : null;
    }

    /**
     * @param  list<array{int, int, float, int, bool}>  $ways
     * @param  int  $step  in units; sides are counted in it
     */
    private static function roundedUp(Size $sheet, array $ways, int $step): self
    {
        [$width, $height] = [$sheet->width->units, $sheet->height->units];
        $up = self::stepped($sheet, $ways, $step, true);

        return self::on($up, $ways, self::sums($width, array_column($up, 0)), self::sums($height, array_column($up, 1)));
    }

    /**
     * @param  list<array{int, int, float, int, bool}>  $ways
     * @return list<array{int, int, float, int, bool}> with their sides in steps
     */
    private static function stepped(Size $sheet, array $ways, int $step, bool $isUp): array
    {
        return array_map(static fn (array $way): array => [
            self::inSteps($way[0], $step, $isUp, $sheet->width->units),
            self::inSteps($way[1], $step, $isUp, $sheet->height->units),
            ...array_slice($way, 2),
        ], $ways);
    }

    /**
     * @param  list<array{int, int, float, int, bool}>  $off  in steps, rounded down
     * @param  list<array{int, int, float, int, bool}>  $true  the same in their true sizes
     */
    private static function above(array $off, array $true, int $width, int $height): float
    {
        return self::on($off, $true, self::sums($width, array_column($off, 0)), self::sums($height, array_column($off, 1)))->worth;
    }

    /**
     * As if the piece with the highest value for its area could be cut without waste, plus a little for what doubles
     * may be off.
     *
     * @param  list<array{int, int, float, int, bool}>  $ways
     */
    private static function byArea(Size $sheet, array $ways): float
    {
        $best = 0.0;
        foreach ($ways as [$width, $height, $worth]) {
            $best = max($best, $worth / ($width * $height));
        }

        return $best * $sheet->exactArea() * (1 + 1e-9);
    }

    /** What just fits a side of the sheet still does. */
    private static function inSteps(int $side, int $step, bool $isUp, int $most): int
    {
        $counted = max($step, intdiv($isUp ? $side + $step - 1 : $side, $step) * $step);

        return $side <= $most ? min($counted, $most) : $counted;
    }

    /**
     * @param  list<array{int, int, float, int, bool}>  $ways
     * @param  list<array{int, int, float, int, bool}>  $true  the same in their true sizes
     * @param  list<int>  $across
     * @param  list<int>  $down
     */
    private static function on(array $ways, array $true, array $across, array $down): self
    {
        [$values, $choices] = self::pieces($ways, $across, $down);
        $besides = self::rests($across);
        $belows = self::rests($down);
        $rows = count($down);
        foreach ($besides as $x => $beside) {
            $column = $x * $rows;
            foreach ($belows as $y => $below) {
                $best = $values[$column + $y];
                $choice = $choices[$column + $y];
                foreach ($beside as $at => $rest) {
                    $worth = $values[$at * $rows + $y] + $values[$rest * $rows + $y];
                    if ($worth > $best) {
                        [$best, $choice] = [$worth, -2 * $at];
                    }
                }
                foreach ($below as $at => $rest) {
                    $worth = $values[$column + $at] + $values[$column + $rest];
                    if ($worth > $best) {
                        [$best, $choice] = [$worth, -2 * $at - 1];
                    }
                }
                $values[$column + $y] = $best;
                $choices[$column + $y] = $choice;
            }
        }
        $counts = [];
        $box = self::box(count($across) - 1, $rows - 1, $rows, $choices, $true, [$besides, $belows], $counts);
        $worth = $values[count($values) - 1];

        return new self($worth, $worth, $counts, $box);
    }

    /**
     * The pieces in the positions in which they may lie.
     *
     * @param  array<int, Worth>  $worths
     * @return list<array{int, int, float, int, bool}> width, height, worth, number, turned
     */
    private static function ways(array $worths): array
    {
        $ways = [];
        foreach ($worths as $number => ['width' => $width, 'height' => $height, 'worth' => $worth, 'mayTurn' => $mayTurn]) {
            if ($worth <= 0.0) {
                continue;
            }
            $ways[] = [$width, $height, $worth, $number, false];
            if ($mayTurn && $width !== $height) {
                $ways[] = [$height, $width, $worth, $number, true];
            }
        }

        return $ways;
    }

    /**
     * @param  list<int>  $sides
     * @return list<int> what they can add up to within a side, from nothing up; enough of them where there are too many
     */
    private static function sums(int $most, array $sides, int $many = self::SUMS): array
    {
        $sums = [0 => 0];
        $open = [0];
        $sides = array_unique($sides);
        while ($open !== [] && count($sums) <= $many) {
            $sum = array_pop($open);
            foreach ($sides as $side) {
                $next = $sum + $side;
                if ($next <= $most && ! isset($sums[$next])) {
                    $sums[$next] = $next;
                    $open[] = $next;
                }
            }
        }
        sort($sums);

        return $sums;
    }

    /**
     * The best single piece for every rectangle.
     *
     * @param  list<array{int, int, float, int, bool}>  $ways
     * @param  list<int>  $across
     * @param  list<int>  $down
     * @return array{array<int, float>, array<int, int>} worths, and which way it is, counted from 1
     */
    private static function pieces(array $ways, array $across, array $down): array
    {
        $rows = count($down);
        $values = array_fill(0, count($across) * $rows, 0.0);
        $choices = array_fill(0, count($across) * $rows, 0);
        foreach ($ways as $way => [$width, $height, $worth]) {
            foreach ($across as $x => $wide) {
                for ($y = $rows - 1; $wide >= $width && $y >= 0 && $down[$y] >= $height; $y--) {
                    if ($values[$x * $rows + $y] < $worth) {
                        $values[$x * $rows + $y] = $worth;
                        $choices[$x * $rows + $y] = $way + 1;
                    }
                }
            }
        }

        return [$values, $choices];
    }

    /**
     * Where a side may be cut, and what is left beside it, each as the number of a sum. The smaller part comes first.
     *
     * @param  list<int>  $sums
     * @return list<array<int, int>>
     */
    private static function rests(array $sums): array
    {
        $rests = [];
        foreach ($sums as $n => $side) {
            $own = [];
            $rest = $n;
            for ($at = 1; $at < $n && 2 * $sums[$at] <= $side; $at++) {
                while ($sums[$rest] > $side - $sums[$at]) {
                    $rest--;
                }
                $own[$at] = $rest;
            }
            $rests[] = $own;
        }

        return $rests;
    }

    /**
     * @param  array<int, int>  $choices
     * @param  list<array{int, int, float, int, bool}>  $ways
     * @param  array{list<array<int, int>>, list<array<int, int>>}  $rests
     * @param  array<int, int>  $counts  added to
     */
    private static function box(int $x, int $y, int $rows, array $choices, array $ways, array $rests, array &$counts): ?Box
    {
        $choice = $choices[$x * $rows + $y];
        if ($choice === 0) {
            return null;
        }
        if ($choice > 0) {
            [$width, $height, , $number, $turned] = $ways[$choice - 1];
            $counts[$number] = ($counts[$number] ?? 0) + 1;
            $size = Size::ofUnits($width, $height);

            return Box::of(Piece::of((string) $number, $turned ? $size->turned() : $size, $turned), $turned);
        }
        $at = intdiv(-$choice, 2);
        $isBeside = $choice % 2 === 0;
        $rest = $isBeside ? $rests[0][$x][$at] : $rests[1][$y][$at];
        $part = static function (int $side) use ($isBeside, $x, $y, $rows, $choices, $ways, $rests, &$counts): ?Box {
            return self::box($isBeside ? $side : $x, $isBeside ? $y : $side, $rows, $choices, $ways, $rests, $counts);
        };
        [$one, $two] = [$part($at), $part($rest)];
        if ($one === null || $two === null) {
            return $one ?? $two;
        }

        return $isBeside ? Box::beside($one, $two) : Box::above($one, $two);
    }
}
