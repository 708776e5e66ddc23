<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Size;

/** What is left on the table while cards are being shared out. */
final class RemainingStock
{
    /** @var array<string, int> */
    private array $free;

    /** @var array<string, list<Piece>> */
    private array $pieces;

    /** @var array<string, CutPlan> */
    private array $plans = [];

    private function __construct(private readonly Table $table)
    {
        $this->free = $table->free;
        $this->pieces = $table->promised;
        foreach ($this->pieces as $component => $pieces) {
            $this->plans[$component] = $table->plan($component, $pieces);
        }
    }

    public static function on(Table $table): self
    {
        return new self($table);
    }

    public function left(string $component): int
    {
        return $this->free[$component] ?? 0;
    }

    /** The plan that gives these pieces too. Null if there is none. */
    public function planWith(string $component, Piece ...$extra): ?CutPlan
    {
        foreach ($extra as $piece) {
            if (! $this->mayYield($component, $piece->size, $piece->mayTurn)) {
                return null;
            }
        }
        $plan = $this->table->plan($component, array_values([...$this->pieces[$component] ?? [], ...$extra]));

        return $plan->isComplete() ? $plan : null;
    }

    /** The sheets that a plan cuts into and that were whole before. */
    public function newlyOpened(string $component, CutPlan $plan): int
    {
        return max(0, $plan->sheetsOpened() - (($this->plans[$component] ?? null)?->sheetsOpened() ?? 0));
    }

    /** Books a card whose pieces planWith() has placed. */
    public function take(Card $card): void
    {
        foreach ($card->takings as $taking) {
            if ($taking->size === null) {
                $this->free[$taking->component] = $this->left($taking->component) - $taking->quantity;
            }
        }
        foreach ($card->pieces() as $component => $pieces) {
            $this->pieces[$component] = [...$this->pieces[$component] ?? [], ...$pieces];
            $this->plans[$component] = $this->table->plan($component, $this->pieces[$component]);
        }
    }

    /** Returns what a card took of counted things. */
    public function giveBack(Taking ...$takings): void
    {
        foreach ($takings as $taking) {
            if ($taking->size === null) {
                $this->free[$taking->component] = $this->left($taking->component) + $taking->quantity;
            }
        }
    }

    /** @return array<string, CutPlan> */
    public function plans(): array
    {
        return $this->plans;
    }

    /** A quick check that may say yes too often: some sheet is large enough, and the total area is enough. */
    public function mayYield(string $component, Size $size, bool $mayTurn): bool
    {
        if ($this->table->isPrepared($component)) {
            return $this->table->plan($component, [...$this->pieces[$component] ?? [], Piece::of('?', $size, $mayTurn)])->isComplete();
        }
        $fits = false;
        $area = -$size->area();
        foreach ($this->table->stock[$component] ?? [] as $stock) {
            $fits = $fits || $size->fitsIn($stock->size, $mayTurn);
            $area += $stock->size->area();
        }
        foreach ($this->pieces[$component] ?? [] as $piece) {
            $area -= $piece->size->area();
        }

        return $fits && $area >= 0;
    }
}
