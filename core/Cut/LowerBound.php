<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/**
 * The least number of whole sheets that any plan must open.
 *
 * The larger of two bounds: by area, after the offcuts are taken as filled to the last square; and by pieces of
 * which no two go on one sheet together, the argument of Martello and Vigo, "Exact Solution of the
 * Two-Dimensional Finite Bin Packing Problem", Management Science 44 (1998).
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
