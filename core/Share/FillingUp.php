<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Pattern\Repeats;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Table;

/**
 * Further cards from what the plans of some cards' sheets leave over: a few that are missing, or others in the place of
 * those that are too many alike.
 */
final readonly class FillingUp
{
    /** How many missing cards are looked for. */
    private const FEW = 6;

    /** How many cards are taken off for them, one number after the other. */
    private const TAKEN_OFF = [2, 6];

    /** Which part of those that are too many alike is taken off, one try after the other. */
    private const THINNED = [1, 3];

    /**
     * @param  Table  $table  without the cards
     * @param  int  $level  of the price on paper and cardstock
     * @param  Closure(): bool  $isStopped
     */
    private function __construct(private Table $table, private int $level, private Closure $isStopped)
    {
    }

    /** @param  Closure(): bool  $isStopped */
    public static function on(Table $table, int $level, Closure $isStopped): self
    {
        return new self($table, $level, $isStopped);
    }

    /**
     * With a few further cards, where a few are missing. If too little is left, the cards that take the most are taken
     * off, and leaner ones are made in their place. In the end too many may be alike.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    public function to(int $target, array $cards): array
    {
        $missing = $target - count($cards);
        if ($missing <= 0 || $missing > self::FEW) {
            return $cards;
        }
        $quarter = Repeats::quarter($target);
        $left = $this->leftBeside($cards);
        $best = self::more($cards, $this->withMore($cards, $left, $target, $quarter));
        foreach (self::TAKEN_OFF as $less) {
            if ($this->isEnough($best, $target)) {
                return $best;
            }
            $best = self::more($best, $this->inPlace($this->leanest($cards, $less), $target, $quarter));
        }

        return $this->isEnough($best, $target) ? $best : self::more($best, $this->withMore($cards, $left, $target, null));
    }

    /** @param  list<Card>  $cards */
    private function isEnough(array $cards, int $target): bool
    {
        return count($cards) >= $target || ($this->isStopped)();
    }

    /**
     * @param  list<Card>  $cards
     * @param  list<Card>  $others
     * @return list<Card>
     */
    private static function more(array $cards, array $others): array
    {
        return count($others) > count($cards) ? $others : $cards;
    }

    /**
     * The same number of cards with fewer alike, where that is found. The cards of a set must change together, so they
     * are left unchanged.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    public function thinned(array $cards): array
    {
        if ($this->table->wishes->set > 1) {
            return $cards;
        }
        $judge = Judge::of($this->table->everythingApart());
        $quarter = Repeats::quarter(count($cards));
        foreach (self::THINNED as $part) {
            $less = intdiv(Score::crowded($cards) + $part - 1, $part);
            if ($less === 0 || ($this->isStopped)()) {
                break;
            }
            $more = $this->inPlace($this->without($cards, $quarter, $less), count($cards), $quarter);
            $isBetter = count($more) === count($cards) && $judge->merit($more)->compare($judge->merit($cards)) > 0;
            $cards = $isBetter ? $more : $cards;
        }

        return $cards;
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> all but some of those that are too many on their sketch; those that follow a design stay
     */
    private function without(array $cards, int $quarter, int $less): array
    {
        $seen = $kept = [];
        foreach ($cards as $card) {
            $key = $card->sketch->key;
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            if ($seen[$key] > $quarter && $less > 0 && ! $this->table->wishes->follows($card)) {
                $less--;

                continue;
            }
            $kept[] = $card;
        }

        return $kept;
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> all but some that take the largest parts of all paper and of all cardstock
     */
    private function leanest(array $cards, int $less): array
    {
        [$paper, $cardstock] = [max(1.0, Areas::left($this->table, true)), max(1.0, Areas::left($this->table, false))];
        $shares = array_map(function (Card $card) use ($paper, $cardstock): float {
            $takes = Areas::of($card->layout($this->table->unit));

            return $takes[0] / $paper + $takes[1] / $cardstock;
        }, $cards);
        arsort($shares);

        return array_values(array_diff_key($cards, array_slice($shares, 0, $less, true)));
    }

    /**
     * @param  list<Card>  $cards  those that stay
     * @return list<Card> with others, up to a number
     */
    private function inPlace(array $cards, int $target, int $alike): array
    {
        return $this->withMore($cards, $this->leftBeside($cards), $target, $alike);
    }

    /** @param  list<Card>  $cards */
    private function leftBeside(array $cards): Table
    {
        $table = $this->table->apartFor(...$cards);

        return $table->leftBy(Replanned::plans($table, $cards), ...$cards);
    }

    /**
     * @param  list<Card>  $cards
     * @param  Table  $left  what is left beside them
     * @param  int|null  $alike  no more cards on one sketch
     * @return list<Card>
     */
    private function withMore(array $cards, Table $left, int $target, ?int $alike): array
    {
        $room = max(1, $target - count($cards));
        $asking = $left->asking($left->wishes->forCards($room)->alike($alike));
        $more = Sharer::paying($asking, $this->level, $room, static fn (): bool => true);

        return $more === [] ? $cards : Replanned::some($this->table->apartFor(...$cards), [...$cards, ...$more]);
    }
}
