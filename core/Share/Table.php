<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** What lies on the table when cards are shared out: what is free, what is promised to cards that stay. */
final readonly class Table
{
    /**
     * @param  array<string, Component>  $components  by id
     * @param  array<string, int>  $free  what no card has taken, of the goods that are counted
     * @param  array<string, list<Stock>>  $stock  the sheets and offcuts that may be cut
     * @param  array<string, list<Piece>>  $promised  pieces for cards that stay, still to be cut from that stock
     * @param  array<string, true>  $stash  the components that are not the kit's own
     * @param  list<Card>  $cards  the cards that stay
     */
    private function __construct(
        public Unit $unit,
        public Size $front,
        public array $components,
        public array $free,
        public array $stock,
        public array $promised,
        public array $stash,
        public array $cards,
    ) {
    }

    /**
     * @param  array<string, Component>  $components
     * @param  array<string, int>  $free
     * @param  array<string, list<Stock>>  $stock
     * @param  array<string, list<Piece>>  $promised
     * @param  array<string, true>  $stash
     * @param  list<Card>  $cards
     */
    public static function of(Unit $unit, Size $front, array $components, array $free, array $stock, array $promised = [], array $stash = [], array $cards = []): self
    {
        return new self($unit, $front, $components, $free, $stock, $promised, $stash, $cards);
    }

    /** A kit just unpacked: everything there, nothing cut. */
    public static function unpacked(Kit $kit): self
    {
        $components = [];
        $free = [];
        $stock = [];
        foreach ($kit->components as $component) {
            $components[$component->id] = $component;
            $good = $component->good;
            if (! $good instanceof SheetGood) {
                $free[$component->id] = $component->count;

                continue;
            }
            $stock[$component->id] = [];
            for ($n = 1; $n <= $component->count; $n++) {
                $stock[$component->id][] = Stock::sheet("$component->id/$n", $good->size());
            }
        }

        return self::of($kit->unit, $kit->front, $components, $free, $stock);
    }

    /** Whether a card may take from it under these wishes. */
    public function offers(string $component, Wishes $wishes): bool
    {
        return $wishes->stash || ! isset($this->stash[$component]);
    }
}
