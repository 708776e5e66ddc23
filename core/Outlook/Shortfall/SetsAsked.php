<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Table\RemainingStock;

/** A number of each design. */
final class SetsAsked implements Asked
{
    /** How many designs are named. For the others only their number is said. */
    private const TOLD = 3;

    public function look(Finished $out): array
    {
        $set = $out->wishes->set;
        $isFew = static fn (array $cards): bool => count($cards) < $set;
        $few = $set === 1 ? [] : array_values(array_filter(self::sets($out->cards), $isFew));
        if ($few === []) {
            return [];
        }
        $why = array_map(static fn (array $cards): string => self::why($out, $cards), array_slice($few, 0, self::TOLD));
        $more = count($few) - self::TOLD;
        $rest = $more > 0 ? [' So it is with '.($more === 1 ? '1 other design.' : "$more other designs.")] : [];

        return [Shortfall::of('sets', "Not every design is made $set times.", implode(' ', $why).implode('', $rest))];
    }

    /**
     * @param  list<Card>  $cards
     * @return list<non-empty-list<Card>> the cards of one design each
     */
    private static function sets(array $cards): array
    {
        $sets = [];
        foreach ($cards as $card) {
            $sets[$card->set === null ? "card $card->number" : "set $card->set"][] = $card;
        }

        return array_values($sets);
    }

    /** @param  non-empty-list<Card>  $cards  of one design */
    private static function why(Finished $out, array $cards): string
    {
        $last = $cards[count($cards) - 1];
        $before = $out->afterOnly(static fn (Card $one): bool => $one->number <= $last->number);
        $remains = RemainingStock::on($before);
        $gone = [];
        foreach (array_unique(array_column(array_filter($last->takings, $out->isNeeded(...)), 'component')) as $id) {
            $component = $out->table->components[$id];
            $isLeft = $component->isEndless() || self::isLeft($remains, $last, $id);
            $gone = $isLeft && $before->offers($id) ? $gone : [...$gone, $component->name];
        }
        $is = "Card {$cards[0]->number} is made ".(count($cards) === 1 ? 'once' : count($cards).' times');

        return match (true) {
            $gone !== [] => "$is: for another like it there is not enough ".implode(' and ', array_unique($gone)).'.',
            $out->isFull() => "$is: no more cards were asked for.",
            default => "$is: what another like it takes cannot all be cut.",
        };
    }

    private static function isLeft(RemainingStock $remains, Card $card, string $component): bool
    {
        $counted = 0;
        $pieces = [];
        foreach ($card->takings as $taking) {
            if ($taking->component !== $component) {
                continue;
            }
            $counted += $taking->size === null ? $taking->quantity : 0;
            $pieces[] = $taking->toPiece("again/$taking->part");
        }
        $pieces = array_values(array_filter($pieces, static fn (?Piece $one): bool => $one !== null));

        return ($pieces === [] || $remains->planWith($component, ...$pieces) !== null)
            && ($counted === 0 || $remains->left($component) >= $counted);
    }
}
