<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
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
     * The same beside what is promised, and quickly: where not all can be cut, it does not matter which cards go. None
     * are left if a promised piece has no place.
     *
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    public static function some(Table $table, array $cards): array
    {
        $unplaced = [];
        foreach (Card::piecesOf($cards) as $component => $pieces) {
            array_push($unplaced, ...array_column(self::plan($table, $component, $pieces)->unplaced, 'id'));
        }
        $known = array_merge([], ...array_map(self::ids(...), $cards));
        $isCut = static fn (Card $card): bool => array_intersect(self::ids($card), $unplaced) === [];

        return array_diff($unplaced, $known) === [] ? array_values(array_filter($cards, $isCut)) : [];
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
            if (! self::plan($table, $component, $pieces)->isComplete()) {
                return false;
            }
        }

        return true;
    }

    /**
     * How the engine cuts all pieces of some cards and all that are promised.
     *
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     * @return array<string, CutPlan> by component
     */
    public static function plans(Table $table, array $cards): array
    {
        $plans = [];
        foreach (Card::piecesOf($cards) + array_fill_keys(array_keys($table->promised), []) as $component => $pieces) {
            $plans[$component] = self::plan($table, $component, $pieces);
        }

        return $plans;
    }

    /**
     * Beside those that are promised.
     *
     * @param  list<Piece>  $pieces
     */
    private static function plan(Table $table, string $component, array $pieces): CutPlan
    {
        $all = [...$table->promised[$component] ?? [], ...$pieces];

        return Engine::plan($table->stock[$component] ?? [], $all, self::terms($table));
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
