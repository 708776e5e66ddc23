<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use Generator;
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
use LimitIterator;

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

    /** For more cards than this, only the first way to the usual sort is tried, since each takes seconds. */
    private const QUICK = 40;

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
        $levels = $target > self::BY_LOOKS ? [self::DEAREST] : [...self::CHEAPER, self::DEAREST];

        return $this->thinned($this->best($target, $this->priced($levels, $target)));
    }

    /** @return list<Card> the best looking of as many as patterns are found to give */
    private function byPatterns(): array
    {
        $patterns = $this->patterns();
        $most = $patterns->most(min($this->table->wishes->cards, $patterns->bound->cards));
        $richer = $this->isForNumber ? [] : $this->richer($most->cards());

        return $richer === [] ? $this->thinned($this->best($most->cards(), $this->ways($patterns, $most))) : $richer;
    }

    /**
     * As many cards that are all of the usual sort, with not too many alike. None where that is not found. If it is
     * stopped meanwhile, those that there are.
     *
     * @return list<Card>
     */
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
        $own = new self($table, $this->tell(...));
        $ways = $own->ways($patterns, $most);
        $cards = $own->best($target, $target > self::QUICK ? new LimitIterator($ways, 0, 1) : $ways);

        return $this->isStopped || $own->isEnough($cards, $target) ? $cards : [];
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
            if ($this->isStopped || $this->isEnough($best, $target)) {
                break;
            }
        }

        return $best;
    }

    /** @param  list<Card>  $cards */
    private function isEnough(array $cards, int $target): bool
    {
        return count($cards) >= $target && ($this->isForNumber || Score::crowded($cards) === 0);
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> as many, with fewer alike unless only their number is wanted
     */
    private function thinned(array $cards): array
    {
        return $this->isForNumber ? $cards : $this->fillingUp()->thinned($cards);
    }

    private function fillingUp(): FillingUp
    {
        return FillingUp::on($this->table, self::DEAREST, fn (): bool => $this->isStopped);
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
     * @return Generator<list<Card>>
     */
    private function ways(ColumnGeneration $patterns, PatternPlan $most): Generator
    {
        $target = $most->cards();
        if ($this->isForNumber) {
            yield $this->filledUp($most, $target);
        }
        if ($target <= self::BY_LOOKS) {
            yield from $this->priced(self::CHEAPER, $target);
        }
        foreach ($patterns->bestLooking($most) as $cutting) {
            yield $this->filledUp($cutting, $target);
            if ($target <= self::BY_LOOKS) {
                // Few cards have been tried at the lower prices before.
                break;
            }
        }
        if (! $this->isForNumber) {
            yield $this->filledUp($most, $target);
        }
    }

    /** @return list<Card> that are made of some patterns, and a few further ones where a few are missing */
    private function filledUp(PatternPlan $cutting, int $target): array
    {
        return $this->fillingUp()->to($target, $this->cutBy($cutting));
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
