<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/**
 * As many cards as were asked for, or as the kit holds: shared out as the designs please where there may be paper for
 * that; where that gives too few, with so high a price on paper and cardstock that the leanest designs are taken, then with
 * lower ones. What cost nothing is kept unless a price gives more cards; of the prices that give the most the lowest is:
 * it is the best looking.
 */
final class Stretch
{
    /** Points of goodness that the fair share of paper costs, the dearest first. */
    private const LEVELS = [1_000, 200, 40];

    /** Up to so many cards lower prices are tried, for the looks of them. */
    private const BY_LOOKS = 48;

    /** Of all cards made in one search so far. */
    private int $most = 0;

    private bool $isStopped = false;

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
        return (new self($table, $goOn ?? static fn (): bool => true))->search();
    }

    /** @return list<Card> */
    private function search(): array
    {
        $target = min($this->table->wishes->cards, Bound::on($this->table)->cards);
        $pleasing = $this->isEnoughForPictures($target) ? $this->pleasing() : [];
        if (count($pleasing) >= $target || $this->isStopped) {
            return $pleasing;
        }
        $paid = $this->paid($target);
        if ($paid === [] && $pleasing === []) {
            return $this->pleasing();
        }

        return count($paid) > count($pleasing) ? $paid : $pleasing;
    }

    /** @return list<Card> shared out as the designs please */
    private function pleasing(): array
    {
        return Sharer::most($this->table, $this->tell(...));
    }

    /** Whether so many cards could be made on the sketches with a picture, by the areas of paper and cardstock. */
    private function isEnoughForPictures(int $target): bool
    {
        $rich = array_filter($this->table->sketches, static fn (Sketch $one): bool => ! $one->focus->isLean());

        return Areas::on($this->table->onSketches(array_values($rich)))->cards >= $target;
    }

    /** @return list<Card> the most that a price on paper gives */
    private function paid(int $target): array
    {
        $best = [];
        foreach (self::LEVELS as $level) {
            $cards = Sharer::paying($this->table, $level, $target, $this->tell(...));
            if (count($cards) < count($best) && count($best) === $target) {
                return $best;
            }
            $best = count($cards) < count($best) ? $best : $cards;
            if ($this->isStopped || $target > self::BY_LOOKS) {
                return $best;
            }
        }

        return $best;
    }

    private function tell(int $made, int $wanted): bool
    {
        $this->most = max($this->most, $made);
        $this->isStopped = ! ($this->goOn)($this->most, $wanted);

        return ! $this->isStopped;
    }
}
