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
 * lower ones. Of those that give the most cards the one with the lowest price is kept: it is the best looking.
 */
final class Stretch
{
    /** Points of goodness that the fair share of paper costs, the dearest first. */
    private const LEVELS = [1_000, 200, 40];

    /** Up to so many cards lower prices are tried, for the looks of them. */
    private const BY_LOOKS = 48;

    /** @var list<Card> */
    private array $best = [];

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
        $stretch = new self($table, $goOn ?? static fn (): bool => true);
        $stretch->search();

        return $stretch->best;
    }

    private function search(): void
    {
        $wanted = $this->table->wishes->cards;
        $target = min($wanted, Bound::on($this->table)->cards);
        if ($this->isEnoughForPictures($target)) {
            $this->best = Sharer::most($this->table, $this->tell(...));
        }
        if (count($this->best) < $target && ! $this->isStopped) {
            $this->pay($target);
        }
        if ($this->best === [] && ! $this->isStopped) {
            $this->best = Sharer::most($this->table, $this->tell(...));
        }
    }

    /** Whether so many cards could be made on the sketches with a picture, by the areas of paper and cardstock. */
    private function isEnoughForPictures(int $target): bool
    {
        $rich = array_filter($this->table->sketches, static fn (Sketch $one): bool => ! $one->focus->isLean());

        return Areas::on($this->table->onSketches(array_values($rich)))->cards >= $target;
    }

    private function pay(int $target): void
    {
        foreach (self::LEVELS as $level) {
            $cards = Sharer::paying($this->table, $level, $target, $this->tell(...));
            if (count($cards) < count($this->best) && count($this->best) === $target) {
                return;
            }
            $this->best = count($cards) < count($this->best) ? $this->best : $cards;
            if ($this->isStopped || $target > self::BY_LOOKS) {
                return;
            }
        }
    }

    private function tell(int $made, int $wanted): bool
    {
        $this->isStopped = ! ($this->goOn)(max($made, count($this->best)), $wanted);

        return ! $this->isStopped;
    }
}
