<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Pattern\PatternPlan;
use KeepShare\Core\Pattern\Repeats;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/**
 * As many cards as were asked for, or as the kit holds. If there seems to be enough paper, the designs are chosen
 * freely. If not, or if that gives too few, cards are made from cutting patterns that use the sheets up: on the best
 * looking sketches that give as many, or else on the leanest. What is left goes to further cards.
 *
 * Patterns are not used with followed designs, folds, sets, or cards on the table. Then paper and cardstock get so high
 * a price that the leanest designs are chosen.
 */
final class Stretch
{
    /**
     * Prices for the fair share of paper, in points of goodness. The highest gives the most cards, the lowest looks
     * best.
     */
    private const DEAREST = 1_000;

    private const CHEAPER = [40, 200];

    /** Up to this many cards the lower prices are tried, since those cards look better. */
    private const BY_LOOKS = 24;

    /** How many missing cards are looked for in what is left. */
    private const FEW = 6;

    /** How many cards are taken off for them, and whether too many may be alike then: one after the other. */
    private const TAKEN_OFF = [[0, false], [2, false], [6, false], [0, true]];

    /** For more cards than this, only the first way to the usual sort is tried, since each takes seconds. */
    private const QUICK = 40;

    /** Which part of those that are too many alike is taken off, one try after the other. */
    private const THINNED = [1, 3];

    /** The number of all cards made in one search so far. */
    private int $most = 0;

    private bool $isStopped = false;

    /** Computed when it is first asked for. */
    private ?ColumnGeneration $patterns = null;

    /**
     * @param  Closure(int, int): bool  $goOn
     * @param  bool  $isForNumber  only how many cards there are is wanted
     */
    private function __construct(private readonly Table $table, private readonly Closure $goOn, private readonly bool $isForNumber = false)
    {
    }

    /**
     * @param  (Closure(int, int): bool)|null  $goOn  told the most cards made so far and wanted; false stops and keeps those
     * @return list<Card>
     */
    public static function most(Table $table, ?Closure $goOn = null): array
    {
        return (new self(self::laid($table), $goOn ?? static fn (): bool => true))->search();
    }

    /**
     * How many cards that finds. The best of as many are not looked for, so it takes less time.
     *
     * @param  (Closure(int, int): bool)|null  $goOn  as above
     */
    public static function number(Table $table, ?Closure $goOn = null): int
    {
        return count((new self(self::laid($table), $goOn ?? static fn (): bool => true, true))->search());
    }

    /** Without any sheet, spare goods that no card needs give some. */
    private static function laid(Table $table): Table
    {
        return $table->isBareKit() ? $table->sparesApart() : $table;
    }

    /** @return list<Card> */
    private function search(): array
    {
        $target = min($this->table->wishes->cards, Bound::on($this->table->everythingApart())->cards);
        $isPlenty = $this->isPlenty($target);
        $pleasing = match (true) {
            $isPlenty => $this->pleasing(),
            $this->isEnoughForPictures($target) => Sharer::briefly($this->table, $this->tell(...)),
            default => [],
        };
        if (count($pleasing) >= $target || $this->isStopped) {
            return $pleasing;
        }
        $isByPatterns = ColumnGeneration::areFor($this->table) && $this->table->wishes->set === 1;
        $lean = $isByPatterns ? $this->byPatterns() : $this->byPrices($target);
        $best = count($lean) > count($pleasing) ? $lean : $pleasing;
        if ($isPlenty || count($best) >= $target || ($lean !== [] && $isByPatterns)) {
            return $best;
        }
        $pleasing = $this->pleasing();

        return count($best) > count($pleasing) ? $best : $pleasing;
    }

    /** @return list<Card> shared out as the designs please */
    private function pleasing(): array
    {
        return Sharer::most($this->table, $this->tell(...));
    }

    /** Whether paper and cardstock are twice as much as this many cards on all kinds of lean sketches need. */
    private function isPlenty(int $target): bool
    {
        [$paper, $cardstock] = [Areas::left($this->table, true), Areas::left($this->table, false)];
        $areas = [];
        foreach ($this->table->sketches as $sketch) {
            $layout = $sketch->focus->isLean() ? $this->table->layouts->of($sketch, $this->table->front) : null;
            $own = $layout === null ? [INF, INF] : Areas::of($layout);
            if ($own[0] <= $paper && $own[1] <= $cardstock) {
                $areas[] = $own;
            }
        }
        $needs = static fn (array $own): float => 2 * $target * array_sum($own) / max(1, count($own));

        return $areas !== [] && $needs(array_column($areas, 0)) <= $paper && $needs(array_column($areas, 1)) <= $cardstock;
    }

    /**
     * Whether this many cards could be made on the sketches with a picture, with a quarter to spare, since freely
     * chosen designs waste that much.
     */
    private function isEnoughForPictures(int $target): bool
    {
        $rich = array_filter($this->table->sketches, static fn (Sketch $one): bool => ! $one->focus->isLean());
        $pictures = $this->table->onSketches(array_values($rich));
        if (4 * Areas::on($pictures)->cards < 5 * $target) {
            return false;
        }
        if (! ColumnGeneration::areFor($this->table)) {
            return true;
        }
        $most = ColumnGeneration::on($pictures)->bound->cards;

        return $most >= $target || $most >= $this->patterns()->bound->cards;
    }

    private function patterns(): ColumnGeneration
    {
        return $this->patterns ??= ColumnGeneration::on($this->table);
    }

    /** @return list<Card> the most that some price on paper gives; of as many those that differ more */
    private function byPrices(int $target): array
    {
        return $this->best($target, $this->priced($target > self::BY_LOOKS ? [self::DEAREST] : [...self::CHEAPER, self::DEAREST], $target));
    }

    /** @return list<Card> the best looking of as many as patterns are found to give */
    private function byPatterns(): array
    {
        $patterns = $this->patterns();
        $most = $patterns->most(min($this->table->wishes->cards, $patterns->bound->cards));
        $richer = $this->isForNumber ? [] : $this->richer($most->cards());

        return $richer === [] ? $this->best($most->cards(), $this->ways($patterns, $most)) : $richer;
    }

    /** @return list<Card> as many that are all of the usual sort, with not too many alike; none where that is not found */
    private function richer(int $target): array
    {
        $table = $this->table->asking($this->table->wishes->atLeast(Least::usual()));
        if (count($table->sketches) >= count($this->table->sketches) || Areas::on($table)->cards < $target) {
            return [];
        }
        $patterns = ColumnGeneration::on($table);
        $most = $patterns->bound->cards < $target ? null : $patterns->most($target);
        if ($most === null || $most->cards() < $target) {
            return [];
        }
        $judge = Judge::of($table->everythingApart());
        $own = new self($table, $this->goOn);
        foreach ($own->ways($patterns, $most) as $cards) {
            $this->isStopped = $own->isStopped;
            if (count($cards) >= $target && $judge->merit($cards)->crowded === 0) {
                return $cards;
            }
            if ($this->isStopped || $target > self::QUICK) {
                break;
            }
        }

        return [];
    }

    /**
     * The most cards of some ways to them. Of as many, those that are better share-outs. It ends at the first way with
     * enough cards of which not too many are alike.
     *
     * @param  iterable<list<Card>>  $ways  the best looking first
     * @return list<Card>
     */
    private function best(int $target, iterable $ways): array
    {
        $judge = Judge::of($this->table->everythingApart());
        $best = [];
        foreach ($ways as $cards) {
            $best = match (count($cards) <=> count($best)) {
                1 => $cards,
                0 => $judge->merit($cards)->compare($judge->merit($best)) > 0 ? $cards : $best,
                default => $best,
            };
            $isEnough = count($best) >= $target && ($this->isForNumber || $judge->merit($best)->crowded === 0);
            if ($this->isStopped || $isEnough) {
                return $best;
            }
        }

        return $this->isForNumber ? $best : $this->thinned($best, $judge);
    }

    /**
     * The same number of cards with fewer alike, where that is found: some of those that are too many are taken off, and
     * others are made in their place.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    private function thinned(array $cards, Judge $judge): array
    {
        $quarter = Repeats::quarter(count($cards));
        foreach (self::THINNED as $part) {
            $merit = $judge->merit($cards);
            $less = intdiv($merit->crowded + $part - 1, $part);
            if ($less === 0 || $this->isStopped) {
                break;
            }
            $more = $this->withMore(self::without($cards, $quarter, $less), count($cards), $quarter);
            $cards = count($more) === count($cards) && $judge->merit($more)->compare($merit) > 0 ? $more : $cards;
        }

        return $cards;
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> all but some of those that are too many on their sketch
     */
    private static function without(array $cards, int $quarter, int $less): array
    {
        $seen = $kept = [];
        foreach ($cards as $card) {
            $key = $card->sketch->key;
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            if ($seen[$key] > $quarter && $less > 0) {
                $less--;

                continue;
            }
            $kept[] = $card;
        }

        return $kept;
    }

    /**
     * @param  list<int>  $levels
     * @return iterable<list<Card>> at each price: not too many alike, and as they come
     */
    private function priced(array $levels, int $target): iterable
    {
        $wishes = $this->table->wishes;
        foreach ($levels as $level) {
            if ($wishes->alike === null && ! $this->isForNumber) {
                yield $this->paid($level, $target, Repeats::quarter(intdiv($target, $wishes->set)));
            }
            yield $this->paid($level, $target, $wishes->alike);
        }
    }

    /**
     * Ways to a number of cards, the best looking first.
     *
     * @return iterable<list<Card>>
     */
    private function ways(ColumnGeneration $patterns, PatternPlan $most): iterable
    {
        $target = $most->cards();
        if ($this->isForNumber) {
            yield $this->filledUp($this->cutBy($most), $target);
        }
        if ($target <= self::BY_LOOKS) {
            yield from $this->priced(self::CHEAPER, $target);
        }
        foreach ($patterns->bestLooking($most) as $cutting) {
            yield $this->filledUp($this->cutBy($cutting), $target);
            if ($target <= self::BY_LOOKS) {
                // Few cards have been tried at the lower prices before.
                break;
            }
        }
        yield $this->filledUp($this->cutBy($most), $target);
    }

    /**
     * With a few further cards from what is left, where a few are missing. If too little is left, the cards that take
     * the most are taken off, and leaner ones are made in their place.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    private function filledUp(array $cards, int $target): array
    {
        $missing = $target - count($cards);
        if ($missing <= 0 || $missing > self::FEW) {
            return $cards;
        }
        $best = $cards;
        foreach (self::TAKEN_OFF as [$less, $isAnyBuild]) {
            $more = $this->withMore($this->leanest($cards, $less), $target, $isAnyBuild ? null : Repeats::quarter($target));
            $best = count($more) > count($best) ? $more : $best;
            if (count($best) >= $target || $this->isStopped) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> all but some that take the most
     */
    private function leanest(array $cards, int $less): array
    {
        $takes = array_map($this->share(...), $cards);
        arsort($takes);

        return array_values(array_diff_key($cards, array_slice($takes, 0, $less, true)));
    }

    /** The part of all paper that a card takes, and the part of all cardstock, together. */
    private function share(Card $card): float
    {
        [$paper, $cardstock] = Areas::of($card->layout($this->table->unit));

        return $paper / max(1.0, Areas::left($this->table, true)) + $cardstock / max(1.0, Areas::left($this->table, false));
    }

    /** @return list<Card> that are made of some patterns */
    private function cutBy(PatternPlan $cutting): array
    {
        $table = $this->table->apart(...$cutting->spares);
        $prepared = $table->onSketches($cutting->sketches)->cutBy(array_map(Prepared::by(...), $cutting->plans));
        $cards = Replanned::of($table, self::mixed(Sharer::onWays($prepared, $cutting->ways, $this->tell(...))));

        return AsDrawn::on($table, $cards);
    }

    /**
     * The same, numbered so that cards on one sketch do not follow each other.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    private static function mixed(array $cards): array
    {
        $numbers = array_column($cards, 'number');
        sort($numbers);
        $bySketch = [];
        foreach ($cards as $card) {
            $bySketch[$card->sketch->key][] = $card;
        }
        $mixed = [];
        while (array_filter($bySketch) !== []) {
            foreach ($bySketch as $key => $own) {
                $card = array_shift($own);
                $bySketch[$key] = $own;
                $mixed = $card === null ? $mixed : [...$mixed, $card];
            }
        }

        return array_map(static fn (Card $card, int $number): Card => $card->numbered($number), $mixed, $numbers);
    }

    /**
     * And further cards from what the plans of their sheets leave over.
     *
     * @param  list<Card>  $cards
     * @param  int|null  $alike  no more cards on one sketch
     * @return list<Card>
     */
    private function withMore(array $cards, int $target, ?int $alike): array
    {
        $room = max(1, $target - count($cards));
        $table = $this->table->apartFor(...$cards)->asking($this->table->wishes->forCards($room)->alike($alike));
        $plans = Replanned::plans($table, $cards);
        $more = Sharer::paying($table->leftBy($plans, ...$cards), self::DEAREST, $room, static fn (): bool => true);

        return $more === [] ? $cards : Replanned::some($table, [...$cards, ...$more]);
    }

    /**
     * @param  int|null  $alike  no more cards on one sketch
     * @return list<Card> the most that a price on paper gives
     */
    private function paid(int $level, int $target, ?int $alike): array
    {
        $table = $this->table->asking($this->table->wishes->alike($alike));

        return Sharer::paying($table, $level, $target, $this->tell(...));
    }

    private function tell(int $made, int $wanted): bool
    {
        $this->most = max($this->most, $made);
        $this->isStopped = ! ($this->goOn)($this->most, $wanted);

        return ! $this->isStopped;
    }
}
