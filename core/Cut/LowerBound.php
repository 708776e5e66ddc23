<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use Closure;
use KeepShare\Core\Measure\Size;

/**
 * The least number of whole sheets that any plan must cut into.
 *
 * The larger of two bounds. One is by area, with the offcuts filled completely. The other counts pieces of which no two
 * fit on one sheet, after Martello and Vigo, "Exact Solution of the Two-Dimensional Finite Bin Packing Problem",
 * Management Science 44 (1998).
 */
final class LowerBound
{
    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces  all of which are placed
     */
    public static function sheets(array $stock, array $pieces): int
    {
        $wholes = array_values(array_filter($stock, static fn (Stock $s): bool => $s->isWhole));
        $offcuts = array_values(array_filter($stock, static fn (Stock $s): bool => ! $s->isWhole));

        return max(self::byArea($wholes, $offcuts, $pieces), self::byPairs($wholes, $offcuts, $pieces));
    }

    /**
     * A stronger bound for sheets of one size, which is slower to find.
     *
     * A side longer than all but a threshold of the sheet counts as the whole sheet, since only sides shorter than the
     * threshold fit beside it, and those count as nothing. These are the dual feasible functions of Fekete and
     * Schepers, "New classes of fast lower bounds for bin packing problems", Mathematical Programming 91 (2001), for
     * all pairs of thresholds. A piece that may turn counts the way it needs less.
     *
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces  all of which are placed
     */
    public static function strong(array $stock, array $pieces): int
    {
        $least = self::sheets($stock, $pieces);
        $alike = array_filter($stock, static fn (Stock $one): bool => $one->isWhole && $one->size->equals($stock[0]->size));
        if ($stock === [] || count($alike) < count($stock)) {
            return $least;
        }
        [$width, $height] = [$stock[0]->size->width->units, $stock[0]->size->height->units];
        $sheet = $stock[0]->size->exactArea();
        $ways = array_map(
            static fn (Piece $piece): array => array_values(
                array_filter(self::ways($piece), static fn (Size $way): bool => $way->fitsIn($stock[0]->size)),
            ) ?: [$piece->size],
            $pieces,
        );
        $across = array_map(
            static fn (int $p): array => self::allCounted(
                $ways,
                static fn (Size $way): int => $way->width->units,
                $width,
                $p,
            ),
            self::thresholds($pieces, $width),
        );
        $down = array_map(
            static fn (int $q): array => self::allCounted(
                $ways,
                static fn (Size $way): int => $way->height->units,
                $height,
                $q,
            ),
            self::thresholds($pieces, $height),
        );
        foreach ($across as $widths) {
            foreach ($down as $heights) {
                $area = 0;
                foreach ($widths as $n => [$one, $two]) {
                    $area += min($one * $heights[$n][0], $two * $heights[$n][1]);
                }
                $least = max($least, intdiv($area + $sheet - 1, $sheet));
            }
        }

        return min($least, count($stock));
    }

    /**
     * One side of every piece as it counts under a threshold, in both directions.
     *
     * @param  list<non-empty-list<Size>>  $ways  of each piece: one or two
     * @param  Closure(Size): int  $side
     * @return list<array{int, int}>
     */
    private static function allCounted(array $ways, Closure $side, int $whole, int $threshold): array
    {
        return array_map(static fn (array $own): array => [
            self::counted($side($own[0]), $whole, $threshold),
            self::counted($side($own[1] ?? $own[0]), $whole, $threshold),
        ], $ways);
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<int> the sides of up to half of this one, and nothing
     */
    private static function thresholds(array $pieces, int $side): array
    {
        $sides = [0];
        foreach ($pieces as $piece) {
            array_push($sides, $piece->size->width->units, $piece->size->height->units);
        }

        return array_values(array_unique(array_filter($sides, static fn (int $one): bool => 2 * $one <= $side)));
    }

    private static function counted(int $length, int $side, int $threshold): int
    {
        return match (true) {
            $length > $side - $threshold => $side,
            $length < $threshold => 0,
            default => $length,
        };
    }

    /**
     * @param  list<Stock>  $wholes
     * @param  list<Stock>  $offcuts
     * @param  list<Piece>  $pieces
     */
    private static function byArea(array $wholes, array $offcuts, array $pieces): int
    {
        $left = 0;
        foreach ($pieces as $piece) {
            $left += $piece->size->exactArea();
        }
        foreach ($offcuts as $offcut) {
            $left -= $offcut->size->exactArea();
        }
        $areas = array_map(static fn (Stock $s): int => $s->size->exactArea(), $wholes);
        rsort($areas);
        $sheets = 0;
        while ($left > 0 && isset($areas[$sheets])) {
            $left -= $areas[$sheets];
            $sheets++;
        }

        return $sheets;
    }

    /**
     * @param  list<Stock>  $wholes
     * @param  list<Stock>  $offcuts
     * @param  list<Piece>  $pieces
     */
    private static function byPairs(array $wholes, array $offcuts, array $pieces): int
    {
        $apart = [];
        foreach (self::largestFirst($pieces) as $piece) {
            foreach ($offcuts as $offcut) {
                if ($piece->size->fitsIn($offcut->size, $piece->mayTurn)) {
                    continue 2;
                }
            }
            foreach ($apart as $other) {
                if (self::goTogether($piece, $other, $wholes)) {
                    continue 2;
                }
            }
            $apart[] = $piece;
        }

        return min(count($apart), count($wholes));
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Piece>
     */
    private static function largestFirst(array $pieces): array
    {
        usort($pieces, static fn (Piece $a, Piece $b): int => $b->size->area() <=> $a->size->area());

        return $pieces;
    }

    /** @param  list<Stock>  $wholes */
    private static function goTogether(Piece $one, Piece $two, array $wholes): bool
    {
        foreach ($wholes as $sheet) {
            foreach (self::ways($one) as $a) {
                foreach (self::ways($two) as $b) {
                    $beside = ! $a->width->plus($b->width)->isLongerThan($sheet->size->width);
                    $below = ! $a->height->plus($b->height)->isLongerThan($sheet->size->height);
                    if (($beside || $below) && $a->fitsIn($sheet->size) && $b->fitsIn($sheet->size)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @return list<Size> */
    private static function ways(Piece $piece): array
    {
        return $piece->mayTurn ? [$piece->size, $piece->size->turned()] : [$piece->size];
    }
}
