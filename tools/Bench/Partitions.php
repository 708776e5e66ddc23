<?php

namespace Tools\Bench;

use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Size;
use Random\Randomizer;

/** Cut orders with a known optimum: sheets cut up at random by guillotine cuts, with the parts shuffled. */
final class Partitions
{
    /**
     * @param  int  $sheets  how many sheets are cut up
     * @param  int  $each  into how many parts each
     * @param  int  $side  of a sheet, in marks
     * @param  int  $mark  in units
     * @return list<Piece> that fill that many sheets to the last square
     */
    public static function of(Randomizer $random, int $sheets, int $each, int $side, int $mark, bool $mayTurn): array
    {
        $pieces = [];
        for ($sheet = 0; $sheet < $sheets; $sheet++) {
            foreach (self::parts($random, $each, $side) as [$w, $h]) {
                $size = Size::ofUnits($w * $mark, $h * $mark);
                // Some may not turn. Of those that may, some lie on their side in the order.
                $way = $mayTurn ? $random->getInt(0, 3) : 0;
                $pieces[] = Piece::of('p'.count($pieces), $way === 3 ? $size->turned() : $size, $way >= 2);
            }
        }

        return $random->shuffleArray($pieces);
    }

    /** @return list<array{int, int}> */
    private static function parts(Randomizer $random, int $each, int $side): array
    {
        $parts = [[$side, $side]];
        while (count($parts) < $each) {
            // One of the three largest, so that no part becomes a sliver.
            usort($parts, static fn (array $a, array $b): int => $b[0] * $b[1] <=> $a[0] * $a[1]);
            $which = $random->getInt(0, min(2, count($parts) - 1));
            [[$w, $h]] = array_splice($parts, max($parts[$which]) < 4 ? 0 : $which, 1);
            $isDown = $w >= 4 && ($h < 4 || $random->getInt(1, $w + $h) <= $w);
            $at = $random->getInt(2, ($isDown ? $w : $h) - 2);
            array_push($parts, ...($isDown ? [[$at, $h], [$w - $at, $h]] : [[$w, $at], [$w, $h - $at]]));
        }

        return $parts;
    }
}
