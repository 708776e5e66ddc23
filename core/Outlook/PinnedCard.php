<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * A card with some pinned parts. Those stay, and so do its picture, its words and its arrangement if the wishes allow
 * it. Its other papers are chosen again.
 */
final readonly class PinnedCard
{
    /** @param  list<string>  $pinned  parts */
    private function __construct(private Table $table, private Card $card, private array $pinned)
    {
    }

    /**
     * @param  Table  $table  without what the card takes
     * @param  list<string>  $pinned  its parts that are to stay as they are
     */
    public static function refilled(Table $table, Card $card, array $pinned): Card
    {
        return (new self($table, $card, $pinned))->filled();
    }

    private function filled(): Card
    {
        $stay = $gone = [];
        foreach ($this->card->takings as $taking) {
            $isPinned = in_array($taking->part, $this->pinned, true);
            if ($isPinned || ($taking->size === null && $this->table->offers($taking->component))) {
                $stay[] = $taking;
            } elseif ($taking->size === null) {
                $gone[] = $taking->part;
            }
        }
        foreach ($gone as $part) {
            $other = $this->instead($part);
            $stay = $other === null ? $stay : [...$stay, $other];
        }
        $card = Refit::on($this->table)->card($this->card->fitted($stay), []);

        return $card->fitted([...$card->takings, ...$this->groupPieces($card)])->arranged($this->card->arrangement);
    }

    /** What the wishes no longer allow is replaced by something similar. */
    private function instead(string $part): ?Taking
    {
        foreach (WaysOut::of($this->table, $this->card, $part) as $way) {
            if ($way->kind === 'like it' && $way->taking !== null) {
                return $way->taking;
            }
        }

        return null;
    }

    /** @return list<Taking> what is cut for its group, where that can still be had */
    private function groupPieces(Card $card): array
    {
        $there = array_column($card->takings, 'part');
        $remains = RemainingStock::on($this->table->after($card));
        $pieces = [];
        foreach ($this->card->takings as $taking) {
            $piece = $taking->toPiece($card->pieceId($taking->part));
            $isOpen = $piece !== null
                && isset(Pieces::all()[$taking->part])
                && ! in_array($taking->part, $there, true)
                && $this->table->offers($taking->component);
            if ($isOpen && $remains->planWith($taking->component, $piece) !== null) {
                $pieces[] = $taking;
                $remains->take(Card::bare($card->number, [$taking]));
            }
        }

        return $pieces;
    }
}
