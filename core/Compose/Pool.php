<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;

/**
 * The ready-made pieces that may be spread over the cards: those that no card has taken, less what further cards could
 * need. Words are kept for all further cards there may be. Pictures are kept for those of the kit alone.
 */
final class Pool
{
    /** @var array<string, int> how many there are to be had, by component */
    private array $left = [];

    /** @var array<string, string> words that may be said once only, by component, in lower case */
    private array $once = [];

    /**
     * @param  list<Component>  $components  that may stand on a card
     * @param  array<string, int>  $said  on how many cards words stand, by their text in lower case
     */
    private function __construct(
        public readonly array $components,
        public readonly int $further,
        private array $said,
    ) {
    }

    /** @param  list<Card>  $cards */
    public static function after(Table $table, array $cards): self
    {
        $after = $table->after(...$cards);
        $remains = RemainingStock::on($after);
        $isOne = static fn (Component $one): bool => $one->good instanceof Applied
            && $table->offers($one->id)
            && $table->wishes->useOf($one->id) !== Wanted::Save
            && ! isset($table->stash[$one->id]);
        $components = array_values(array_filter($table->components, $isOne));
        $pool = new self($components, Bound::on($after->everythingApart())->cards, array_map(intval(...), $after->said()));
        foreach ($components as $component) {
            $pool->left[$component->id] = max(0, $remains->left($component->id));
            $text = $component->words()?->text;
            if ($text !== null && $table->wishes->words === WordsAgain::Once) {
                $pool->once[$component->id] = mb_strtolower($text);
            }
        }
        $ofKit = Bound::on($after->asking($table->wishes->kitOnly())->everythingApart())->cards;
        $pool->keep($table, $ofKit, static fn (Component $one): bool => $one->isFocalPoint());
        $pool->keep($table, $pool->further, static fn (Component $one): bool => $one->words() !== null);

        return $pool;
    }

    /**
     * Some pieces are left for further cards, from the most frequent first, so that they differ.
     *
     * @param  callable(Component): bool  $isOne
     */
    private function keep(Table $table, int $many, callable $isOne): void
    {
        $kept = array_filter(
            $this->components,
            static fn (Component $one): bool => $isOne($one) && $table->wishes->useOf($one->id) !== Wanted::UseUp,
        );
        for ($n = 0; $n < $many; $n++) {
            $most = null;
            foreach ($kept as $component) {
                $most = $this->left($component->id) > ($most === null ? 0 : $this->left($most)) ? $component->id : $most;
            }
            if ($most === null) {
                return;
            }
            $this->left[$most]--;
        }
    }

    /** Without words that are already used and may be used only once. */
    public function left(string $component): int
    {
        $isSaid = ($this->said[$this->once[$component] ?? ''] ?? 0) > 0;

        return $isSaid ? 0 : $this->left[$component] ?? 0;
    }

    /**
     * The same with only some of the pieces.
     *
     * @param  list<string>  $components  ids
     */
    public function onlyThese(array $components): void
    {
        $this->left = array_intersect_key($this->left, array_flip($components));
    }

    /** Whether it is a ready-made piece that may be spread. */
    public function holds(string $component): bool
    {
        return isset($this->left[$component]);
    }

    public function take(string $component, int $many = 1): void
    {
        if (isset($this->left[$component])) {
            $this->left[$component] -= $many;
        }
        $text = $this->once[$component] ?? null;
        if ($text !== null) {
            $this->said[$text] = ($this->said[$text] ?? 0) + $many;
        }
    }

    /** How many there are in all, without words. */
    public function all(): int
    {
        return array_sum(array_map(
            fn (Component $one): int => $one->words() === null ? $this->left($one->id) : 0,
            $this->components,
        ));
    }
}
