<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Table\Table;

/**
 * What the engine can plan from the pieces alone, without the patterns, since a cut plan is made again with every
 * change.
 */
final class Replanned
{
    /**
     * @param  list<Card>  $cards
     * @return list<Card> those whose pieces can all be cut
     */
    public static function of(Table $table, array $cards): array
    {
        $left = [];
        foreach (Card::piecesOf($cards) as $component => $pieces) {
            $plan = Engine::earliestFirst($table->stock[$component], $pieces, self::terms($table));
            $left = [...$left, ...array_column($plan->unplaced, 'id')];
        }
        $isCut = static fn (Card $card): bool => array_intersect(self::ids($card), $left) === [];

        return array_values(array_filter($cards, $isCut));
    }

    /**
     * The same, quickly: where not all can be cut, it does not matter which cards go.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    public static function some(Table $table, array $cards): array
    {
        $unplaced = array_merge(...array_values(array_map(
            static fn (CutPlan $plan): array => array_column($plan->unplaced, 'id'),
            self::plans($table, $cards),
        )));

        return array_values(array_filter($cards, static fn (Card $card): bool => array_intersect(self::ids($card), $unplaced) === []));
    }

    /**
     * How the engine cuts all pieces of some cards.
     *
     * @param  list<Card>  $cards
     * @return array<string, CutPlan> by component
     */
    public static function plans(Table $table, array $cards): array
    {
        $plans = [];
        foreach (Card::piecesOf($cards) as $component => $pieces) {
            $plans[$component] = Engine::plan($table->stock[$component] ?? [], $pieces, self::terms($table));
        }

        return $plans;
    }

    /**
     * Whether the engine can cut all pieces of some cards, beside those that are promised.
     *
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     */
    public static function areAll(Table $table, array $cards): bool
    {
        foreach (Card::piecesOf($cards) as $component => $pieces) {
            $all = [...$table->promised[$component] ?? [], ...$pieces];
            if (! Engine::plan($table->stock[$component] ?? [], $all, self::terms($table))->isComplete()) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether everything that some cards take from some components can be cut.
     *
     * @param  list<Card>  $cards
     * @param  list<string>  $components
     */
    public static function areCut(Table $table, array $cards, array $components): bool
    {
        foreach (array_intersect_key(Card::piecesOf($cards), array_flip($components)) as $component => $pieces) {
            if (! $table->plan($component, $pieces)->isComplete()) {
                return false;
            }
        }

        return true;
    }

    private static function terms(Table $table): Terms
    {
        return Terms::usual()->with($table->wishes->trimmer());
    }

    /** @return list<string> of its pieces */
    private static function ids(Card $card): array
    {
        return array_column(array_merge(...array_values($card->pieces())), 'id');
    }
}
