<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/**
 * Plans the cutting of one material as well as it can: every piece first, then the fewest whole sheets.
 *
 * The planner's quick plan stands where it meets the lower bound. Where it does not, a handful of pieces is solved to
 * the proven optimum, and an order that fills sheets to the last square is put together side by matching side. Where
 * pieces are left out of sheets that are large enough, each sheet is filled by itself. Deterministic.
 */
final class Engine
{
    /**
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  each with an id of its own
     */
    public static function plan(array $stock, array $pieces, ?Terms $terms = null): CutPlan
    {
        $terms ??= Terms::usual();
        if (DamagedSheets::concerns($stock)) {
            return DamagedSheets::plan(
                $stock,
                $pieces,
                $terms->trimmer,
                static fn (array $clean): CutPlan => self::plan($clean, $pieces, $terms),
            );
        }
        $plan = self::bounded(Planner::plan($stock, $pieces, $terms), $stock, $pieces);
        if ($pieces === [] || $plan->isProven()) {
            return $plan;
        }
        $plain = $terms->leaving(null);
        if ($terms->useful !== null) {
            // Leftovers that can become more must never cost a sheet.
            $plan = self::better(self::bounded(Planner::plan($stock, $pieces, $plain), $stock, $pieces), $plan);
        }
        if (! $plan->isProven() && ! $terms->trimmer->isShortFor(...$stock)) {
            $plan = self::search($stock, $pieces, $plan);
        }

        return $plan->isComplete() || self::isHopeless($stock, $pieces)
            ? $plan
            : Sheetwise::plan($stock, $pieces, $terms->trimmer) ?? $plan;
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
        $terms ??= Terms::usual();
        $plan = self::isHopeless($stock, $pieces) ? null : self::plan($stock, $pieces, $terms);

        return $plan?->isComplete() === true ? $plan : Earliest::of($stock, $pieces, $terms);
    }

    /**
     * What the quick plan does not reach: a handful of pieces to the optimum, and sheets that are filled to the last square.
     *
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     * @param  CutPlan  $plan  the quick one
     */
    private static function search(array $stock, array $pieces, CutPlan $plan): CutPlan
    {
        $best = count($pieces) <= ExactSmall::MOST ? ExactSmall::plan($stock, $pieces) : self::mosaic($stock, $pieces);
        if ($best === null) {
            return $plan;
        }

        // Where it opens no fewer, the quick plan leaves more useful leftovers; now it is known that no plan opens fewer sheets.
        return $plan->isComplete() && $plan->sheetsOpened() === $best->sheetsOpened()
            ? CutPlan::of($plan->sheets, [], $best->lowerBound)
            : $best;
    }

    private static function better(CutPlan $plan, CutPlan $other): CutPlan
    {
        return [count($other->unplaced), $other->sheetsOpened()] <= [count($plan->unplaced), $plan->sheetsOpened()] ? $other : $plan;
    }

    /**
     * A piece fits no sheet, or all of them together are larger than all there is.
     *
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private static function isHopeless(array $stock, array $pieces): bool
    {
        $area = array_sum(array_map(static fn (Stock $one): int => $one->size->exactArea(), $stock));
        foreach ($pieces as $piece) {
            $area -= $piece->size->exactArea();
            $fits = array_filter($stock, static fn (Stock $one): bool => $piece->size->fitsIn($one->size, $piece->mayTurn));
            if ($area < 0 || $fits === []) {
                return true;
            }
        }

        return false;
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
        $alike = $wholes === []
                ? []
                : array_values(
                    array_filter($wholes, static fn (Stock $one): bool => $one->size->equals($wholes[0]->size)),
                );

        return count($alike) === count($stock) ? PerfectFill::plan($alike, $pieces) : null;
    }
}
