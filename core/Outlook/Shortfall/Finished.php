<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/** A finished share-out, to be compared with its wishes. */
final readonly class Finished
{
    /** The table with its wishes and all cards on it. */
    public Table $after;

    public Preferences $wishes;

    /** @var list<Card> those that were there before among them */
    public array $all;

    public RemainingStock $remains;

    /**
     * @param  Table  $table  without the new cards
     * @param  list<Card>  $cards  the new ones
     */
    private function __construct(public Table $table, public array $cards)
    {
        $this->after = $table->after(...$cards);
        $this->wishes = $table->wishes;
        $this->all = $this->after->cards;
        $this->remains = RemainingStock::on($this->after);
    }

    /** @param  list<Card>  $cards */
    public static function of(Table $table, array $cards): self
    {
        return new self($table, $cards);
    }

    /** @param  Closure(Card): bool  $isOne */
    public function count(Closure $isOne): int
    {
        return count(array_filter($this->all, $isOne));
    }

    /**
     * The table just after the last of some cards was made, and before any others.
     *
     * @param  Closure(Card): bool  $isFirst  made before the others
     */
    public function afterOnly(Closure $isFirst): Table
    {
        return $this->table->after(...array_values(array_filter($this->cards, $isFirst)));
    }

    /** Whether no card may lack it. Cards may lack gems, foam and bows, and an envelope unless it is wished for. */
    public function isNeeded(Taking $taking): bool
    {
        $need = Accessories::find($taking->part)?->need();

        return $need === Need::Envelope ? $this->wishes->envelopes : $need !== null || Accessories::find($taking->part) === null;
    }

    public function isFull(): bool
    {
        return count($this->cards) >= $this->wishes->cards;
    }

    /** Why there is not more of something that every further card would have used. */
    public function whyNoMore(): string
    {
        return $this->isFull() ? 'All cards that were asked for are made without it.' : 'No further card was found that takes it.';
    }
}
