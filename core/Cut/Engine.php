<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/**
 * Plans the cutting of one material as well as it can: every piece first, then the fewest whole sheets.
 *
 * The planner's quick plan stands where it meets the lower bound. Where it does not, a handful of pieces is solved to
 * the proven optimum, and an order that fills sheets to the last square is put together side by matching side.
 * Deterministic.
 */
final class Engine
{
    /** Orders of the pieces that are tried where nothing better is known. */
    private const TRIES = 8;

    /**
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  each with an id of its own
     */
    public static function plan(array $stock, array $pieces, ?Terms $terms = null): CutPlan
    {
        $terms ??= Terms::usual();
        if (Marred::concerns($stock)) {
            return Marred::plan($stock, $pieces, static fn (array $clean): CutPlan => self::plan($clean, $pieces, $terms));
        }
        $plan = self::bounded(Planner::plan($stock, $pieces, $terms), $stock, $pieces);
        if ($terms->useful !== null && ! $plan->isProven()) {
            // Leftovers that can become more must never cost a sheet.
            $plain = self::plan($stock, $pieces, $terms->leaving(null));
            $plan = [count($plain->unplaced), $plain->sheetsOpened()] < [count($plan->unplaced), $plan->sheetsOpened()] ? $plain : $plan;
        }
        if ($pieces === [] || $plan->isProven() || $terms->trimmer->isShortFor(...$stock)) {
            return $plan;
        }
        $better = count($pieces) <= Subsets::MOST ? Subsets::plan($stock, $pieces) : self::mosaic($stock, $pieces);
        if ($better === null) {
            return count($pieces) > Subsets::MOST && $terms->tries < self::TRIES ? self::bounded(Planner::plan($stock, $pieces, $terms->trying(self::TRIES, $terms->seed)), $stock, $pieces) : $plan;
        }
        if ($plan->isComplete() && $plan->sheetsOpened() === $better->sheetsOpened()) {
            // The quick plan leaves more useful leftovers; now it is known that no plan opens fewer sheets.
            return CutPlan::of($plan->sheets, [], $better->lowerBound);
        }

        return $better;
    }

    /**
     * Where not all can be cut, the earlier pieces have theirs: a piece is left out only where it cannot be cut with those
     * before it that are not.
     *
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  the most wanted first
     */
    public static function earliestFirst(array $stock, array $pieces, ?Terms $terms = null): CutPlan
    {
        $plan = self::plan($stock, $pieces, $terms);
        if ($plan->isComplete()) {
            return $plan;
        }
        $plan = CutPlan::of([], [], 0);
        $kept = $out = [];
        foreach ($pieces as $piece) {
            $with = self::plan($stock, [...$kept, $piece], $terms);
            if ($with->isComplete()) {
                [$plan, $kept] = [$with, [...$kept, $piece]];
            } else {
                $out[] = $piece;
            }
        }

        return CutPlan::of($plan->sheets, $out, $plan->lowerBound);
    }

    /**
     * The same plan with the strongest bound there is.
     *
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private static function bounded(CutPlan $plan, array $stock, array $pieces): CutPlan
    {
        return $plan->isComplete() && ! $plan->isProven() ? CutPlan::of($plan->sheets, [], LowerBound::strong($stock, $pieces)) : $plan;
    }

    /**
     * The same on the whole sheets of one size.
     *
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private static function mosaic(array $stock, array $pieces): ?CutPlan
    {
        $wholes = array_values(array_filter($stock, static fn (Stock $one): bool => $one->isWhole));
        $alike = $wholes === [] ? [] : array_values(array_filter($wholes, static fn (Stock $one): bool => $one->size->equals($wholes[0]->size)));

        return count($alike) === count($stock) ? Mosaic::plan($alike, $pieces) : null;
    }
}
