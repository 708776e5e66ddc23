<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/**
 * One sheet after the other, each filled as well as it can be with what is still wanted: what the planner, which lays one
 * piece after the other, does not find where sheets are to be used up to the last strip.
 *
 * First with an even share of each size, since sheets are often cut alike; then with as much as goes on the first.
 */
final class Sheetwise
{
    /** Boxes that are joined for one sheet. */
    private const BOXES = 1_500;

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     * @return CutPlan|null null where it leaves a piece out
     */
    public static function plan(array $stock, array $pieces, Trimmer $trimmer): ?CutPlan
    {
        usort($stock, static fn (Stock $a, Stock $b): int => [$a->isWhole, $a->size->exactArea()] <=> [$b->isWhole, $b->size->exactArea()]);

        return self::attempt($stock, $pieces, $trimmer, true) ?? self::attempt($stock, $pieces, $trimmer, false);
    }

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private static function attempt(array $stock, array $pieces, Trimmer $trimmer, bool $isEven): ?CutPlan
    {
        $left = self::byKind($pieces);
        $plans = [];
        foreach ($stock as $n => $one) {
            $share = $isEven ? count($stock) - $n : 1;
            $filling = Fill::best($one, self::wishes($left, $share), self::BOXES, $trimmer);
            if ($filling->plan->pieces() !== []) {
                $plans[] = SheetPlan::of($one, self::named($filling->plan->root, $left));
            }
            $left = array_filter($left);
            if ($left === []) {
                return CutPlan::of($plans, [], LowerBound::strong($stock, $pieces));
            }
        }

        return null;
    }

    /**
     * @param  list<Piece>  $pieces
     * @return array<string, non-empty-list<Piece>> those that may stand for one another
     */
    private static function byKind(array $pieces): array
    {
        $kinds = [];
        foreach ($pieces as $piece) {
            [$width, $height] = [$piece->size->width->units, $piece->size->height->units];
            $lies = $piece->mayTurn ? min($width, $height).'x'.max($width, $height) : "{$width}x$height up";
            $kinds[$lies][] = $piece;
        }

        return $kinds;
    }

    /**
     * @param  array<string, non-empty-list<Piece>>  $left
     * @return list<Wish>
     */
    private static function wishes(array $left, int $share): array
    {
        $wishes = [];
        foreach ($left as $kind => $pieces) {
            $one = Piece::of($kind, $pieces[0]->size, $pieces[0]->mayTurn);
            $wishes[] = Wish::for($one, $one->size->exactArea(), (int) ceil(count($pieces) / $share));
        }

        return $wishes;
    }

    /**
     * The same cuts, each piece named.
     *
     * @param  array<string, list<Piece>>  $left  less what is named
     */
    private static function named(Node $node, array &$left): Node
    {
        if ($node instanceof Split) {
            $first = self::named($node->first, $left);

            return Split::of($node->rect(), $node->direction, $node->at, $first, self::named($node->second, $left));
        }
        $kind = $node->pieces()[0] ?? null;
        $piece = $kind === null ? null : array_shift($left[$kind]);

        return $piece === null ? $node : Leaf::piece($node->rect(), $piece->id, ! $piece->size->equals($node->rect()->size));
    }
}
