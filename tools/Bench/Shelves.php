<?php

namespace Tools\Bench;

use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Size;

/**
 * The simple method to compare with: pieces by height on shelves, on the first shelf that has room (first fit
 * decreasing height).
 */
final class Shelves
{
    /**
     * @param  list<Piece>  $pieces
     * @return int sheets of this size that it opens
     */
    public static function sheets(Size $sheet, array $pieces): int
    {
        return count(self::rooms($sheet, self::shelves($sheet, $pieces)));
    }

    /**
     * What is left at the end of each shelf and below the last one. The rest beside pieces on a shelf is lost.
     *
     * @param  list<Piece>  $pieces
     * @return list<array{int, int}> sides in units
     */
    public static function leftovers(Size $sheet, array $pieces): array
    {
        $shelves = self::shelves($sheet, $pieces);

        return [...$shelves, ...array_map(static fn (int $room): array => [$sheet->width->units, $room], self::rooms($sheet, $shelves))];
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<array{int, int}> the length left, and the height
     */
    private static function shelves(Size $sheet, array $pieces): array
    {
        $sizes = array_map(static fn (Piece $piece): array => [$piece->size->width->units, $piece->size->height->units], $pieces);
        usort($sizes, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $shelves = [];
        foreach ($sizes as [$w, $h]) {
            foreach ($shelves as $n => [$left, $high]) {
                if ($w <= $left && $h <= $high) {
                    $shelves[$n] = [$left - $w, $high];

                    continue 2;
                }
            }
            $shelves[] = [$sheet->width->units - $w, $h];
        }

        return array_values($shelves);
    }

    /**
     * @param  list<array{int, int}>  $shelves
     * @return list<int> the height left on each sheet
     */
    private static function rooms(Size $sheet, array $shelves): array
    {
        $rooms = [];
        foreach ($shelves as [, $high]) {
            foreach ($rooms as $n => $room) {
                if ($high <= $room) {
                    $rooms[$n] -= $high;

                    continue 2;
                }
            }
            $rooms[] = $sheet->height->units - $high;
        }

        return $rooms;
    }
}
