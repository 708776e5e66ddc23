<?php

namespace Tests\Core\Support;

use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use PHPUnit\Framework\Assert;

/** Makes the cuts of a plan one after the other, without knowing how it was found, and looks at the result. */
final class Replay
{
    /**
     * Asserts that every cut goes right through exactly one part, and that the final parts are the plan's pieces and
     * offcuts. Each piece must have its exact size and be turned only if it may be.
     *
     * @param  array<string, Piece>  $wanted  by id
     * @return list<string> the ids of the pieces cut
     */
    public static function of(SheetPlan $plan, array $wanted): array
    {
        $size = $plan->stock->size;
        $parts = [[0, 0, $size->width->units, $size->height->units]];
        foreach ($plan->cuts() as $n => $cut) {
            Assert::assertSame($n + 1, $cut->number);
            $hand = $cut->part();
            $parts = self::cut(
                $parts,
                [$hand->x->units, $hand->y->units, $hand->size->width->units, $hand->size->height->units],
                $cut->direction(),
                $cut->at()->units,
            );
        }
        $said = [];
        $pieces = [];
        foreach ($plan->leaves() as $leaf) {
            $rect = $leaf->rect();
            $said[] = [$rect->x->units, $rect->y->units, $rect->size->width->units, $rect->size->height->units];
            if ($leaf->piece !== null) {
                Assert::assertArrayHasKey($leaf->piece, $wanted);
                $piece = $wanted[$leaf->piece];
                Assert::assertTrue($rect->size->equals($leaf->turned ? $piece->size->turned() : $piece->size), 'exact size');
                Assert::assertTrue($piece->mayTurn || ! $leaf->turned, 'a print with an up stays upright');
                $pieces[] = $leaf->piece;
            }
        }
        sort($parts);
        sort($said);
        Assert::assertSame($parts, $said, 'pieces and offcuts are exactly the parts in the end');

        return $pieces;
    }

    /**
     * @param  list<array{int, int, int, int}>  $parts
     * @param  array{int, int, int, int}  $hand
     * @return list<array{int, int, int, int}>
     */
    private static function cut(array $parts, array $hand, Direction $direction, int $at): array
    {
        $i = array_search($hand, $parts, true);
        Assert::assertIsInt($i, 'the part in hand is there');
        [$x, $y, $w, $h] = $hand;
        Assert::assertTrue($at > 0 && $at < ($direction === Direction::Down ? $w : $h), 'the cut goes through the part, not beside it');
        array_splice($parts, $i, 1, $direction === Direction::Down
            ? [[$x, $y, $at, $h], [$x + $at, $y, $w - $at, $h]]
            : [[$x, $y, $w, $at], [$x, $y + $at, $w, $h - $at]]);

        return $parts;
    }
}
