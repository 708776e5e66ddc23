<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/**
 * Makes a share-out better card by card. One card is taken off, and the best possible card is put in its place. First
 * it looks for exchanges that give one card more, then for any that improve the Score. It ends when a whole round
 * changes nothing, the steps are used up, or it is stopped. Cards that follow a design of the kit stay.
 *
 * On a small table every share-out is tried and the best is taken. More steps never give a worse result. It is
 * deterministic.
 */
final class LocalSearch
{
    /** How many replacements are tried for one card. */
    private const OPTIONS = 4;

    private int $steps = 0;

    /** Whether no share-out has more cards. */
    private readonly int $bound;

    private readonly Judge $judge;

    /**
     * @param  list<Card>  $cards
     * @param  Closure(int): bool  $goOn
     */
    private function __construct(
        private readonly Table $table,
        private array $cards,
        private readonly int $most,
        private readonly Closure $goOn,
    ) {
        $this->judge = Judge::of($table);
        $this->bound = Bound::on($table)->cards;
    }

    /**
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards  that may be changed
     * @param  int  $most  how many cards are taken off and made again
     * @param  (Closure(int): bool)|null  $goOn  told after each of them; false stops, keeping what there is
     * @return list<Card> by number
     */
    public static function down(Table $table, array $cards, int $most, ?Closure $goOn = null): array
    {
        $settle = new self($table, $cards, $most, $goOn ?? static fn (): bool => true);
        $settle->run();
        $every = $most > 0 && EveryShareOut::isFor($settle->table) ? EveryShareOut::best($settle->table) : null;
        if ($every !== null && $settle->judge->merit($every)->compare($settle->judge->merit($settle->cards)) > 0) {
            $settle->cards = $every;
        }
        usort($settle->cards, static fn (Card $a, Card $b): int => $a->number <=> $b->number);

        return $settle->cards;
    }

    private function run(): void
    {
        if ($this->table->wishes->set > 1) {
            // The cards of a set must change together, so they are left unchanged.
            return;
        }
        $isChanged = true;
        while ($isChanged) {
            $isChanged = false;
            foreach (array_keys($this->cards) as $n) {
                if ($this->steps++ >= $this->most || ! ($this->goOn)($this->steps)) {
                    return;
                }
                if ($this->table->wishes->follows($this->cards[$n])) {
                    continue;
                }
                $isChanged = $this->placeTwo($n) || $this->replace($n) || $isChanged;
            }
        }
    }

    /** Tries two cards in the place of one, if there are not enough. */
    private function placeTwo(int $n): bool
    {
        if (count($this->cards) >= min($this->table->wishes->cards, $this->bound)) {
            return false;
        }
        $others = $this->without($n);
        $two = Sharer::most($this->table->after(...$others)->asking($this->table->wishes->forCards(2)));
        if (count($two) < 2) {
            return false;
        }
        $this->cards = [...$others, ...$two];

        return true;
    }

    private function replace(int $n): bool
    {
        $others = $this->without($n);
        $best = $this->judge->merit($this->cards);
        $better = null;
        foreach (Sharer::on($this->table->after(...$others))->options(self::OPTIONS) as $card) {
            $cards = [...$others, $card];
            $merit = $this->judge->merit($cards);
            if ($merit->compare($best) > 0) {
                [$best, $better] = [$merit, $cards];
            }
        }
        $this->cards = $better ?? $this->cards;

        return $better !== null;
    }

    /** @return list<Card> */
    private function without(int $n): array
    {
        return array_values(array_filter($this->cards, static fn (int $other): bool => $other !== $n, ARRAY_FILTER_USE_KEY));
    }
}
