<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Pattern\PatternPlan;
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

    /** The number of all cards made in one search so far. */
    private int $most = 0;

    private bool $isStopped = false;

    /** Computed when it is first asked for. */
    private ?ColumnGeneration $patterns = null;

    /** @param  Closure(int, int): bool  $goOn */
    private function __construct(private readonly Table $table, private readonly Closure $goOn)
    {
    }

    /**
     * @param  (Closure(int, int): bool)|null  $goOn  told the most cards made so far and wanted; false stops and keeps those
     * @return list<Card>
     */
    public static function most(Table $table, ?Closure $goOn = null): array
    {
        // Without any sheet, spare goods that no card needs give some.
        $laid = $table->isBareKit() ? $table->sparesApart() : $table;

        return (new self($laid, $goOn ?? static fn (): bool => true))->search();
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

    /** @return list<Card> the most that some price on paper gives; of as many those at the lower price */
    private function byPrices(int $target): array
    {
        $best = [];
        foreach ($target > self::BY_LOOKS ? [self::DEAREST] : [...self::CHEAPER, self::DEAREST] as $level) {
            $cards = $this->paid($level, $target);
            $best = count($cards) > count($best) ? $cards : $best;
            if (count($best) >= $target || $this->isStopped) {
                break;
            }
        }

        return $best;
    }

    /** @return list<Card> the best looking of as many as patterns are found to give */
    private function byPatterns(): array
    {
        $patterns = $this->patterns();
        $most = $patterns->most(min($this->table->wishes->cards, $patterns->bound->cards));
        $best = [];
        foreach ($this->ways($patterns, $most) as $cards) {
            $best = count($cards) > count($best) ? $cards : $best;
            if (count($best) >= $most->cards() || $this->isStopped) {
                break;
            }
        }

        return $best;
    }

    /**
     * Ways to a number of cards, the best looking first.
     *
     * @return iterable<list<Card>>
     */
    private function ways(ColumnGeneration $patterns, PatternPlan $most): iterable
    {
        foreach ($most->cards() > self::BY_LOOKS ? [] : self::CHEAPER as $level) {
            yield $this->paid($level, $most->cards());
        }
        foreach ([$patterns->bestLooking($most->cards()), $most] as $cutting) {
            $cards = $this->cutBy($cutting);
            yield $cards;
            if ($most->cards() - count($cards) <= self::FEW) {
                yield $this->withMore($cards, $most->cards());
            }
        }
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
     * And further cards from what is left.
     *
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    private function withMore(array $cards, int $target): array
    {
        $room = max(1, $target - count($cards));
        $left = $this->table->apartFor(...$cards)->after(...$cards)->asking($this->table->wishes->forCards($room));

        return [...$cards, ...Sharer::paying($left, self::DEAREST, $room, static fn (): bool => true)];
    }

    /** @return list<Card> the most that a price on paper gives */
    private function paid(int $level, int $target): array
    {
        return Sharer::paying($this->table, $level, $target, $this->tell(...));
    }

    private function tell(int $made, int $wanted): bool
    {
        $this->most = max($this->most, $made);
        $this->isStopped = ! ($this->goOn)($this->most, $wanted);

        return ! $this->isStopped;
    }
}
