<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/**
 * Plans the cutting of one material as well as it can: all pieces first, then the fewest whole sheets.
 *
 * The quick plan of the planner is used if it meets the lower bound. Otherwise a few pieces are solved to the proven
 * optimum, and orders that fill their sheets are put together side by side. If pieces must be left out, each sheet is
 * filled by itself. The result is deterministic.
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
            // More useful leftovers must never cost a sheet.
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
     * If not all can be cut, the earlier pieces come first. A piece is left out only if it cannot be cut with the
     * earlier ones.
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
     * Improves the quick plan: a few pieces to the optimum, and orders that fill their sheets.
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

        // If no plan uses fewer sheets, the quick plan has more useful leftovers. It is now known to be optimal.
        return $plan->isComplete() && $plan->sheetsOpened() === $best->sheetsOpened()
            ? CutPlan::of($plan->sheets, [], $best->lowerBound)
            : $best;
    }

    private static function better(CutPlan $plan, CutPlan $other): CutPlan
    {
        return [count($other->unplaced), $other->sheetsOpened()] <= [count($plan->unplaced), $plan->sheetsOpened()] ? $other : $plan;
    }

    /**
     * Whether a piece fits no sheet, or all pieces together are larger than all sheets.
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
     * The same plan with the strongest known bound.
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
