<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;

/**
 * What is on the table: what is free, and what is promised to cards that stay.
 *
 * With the maker's wishes it becomes the Table that every solver, page and command gets. Wishes are applied there and
 * nowhere else.
 */
final readonly class Inventory
{
    /** What may be used to the last piece, even if one of each is saved. */
    private const NEVER_SAVED = [Kind::Base, Kind::Envelope, Kind::Ribbon, Kind::Foam];

    /**
     * @param  array<string, Component>  $components  by id, each with how many of it there are
     * @param  array<string, int>  $free  what no card has taken, of the goods that are counted
     * @param  array<string, list<Stock>>  $stock  the sheets and offcuts that may be cut
     * @param  array<string, list<Piece>>  $promised  pieces for cards that stay, still to be cut from that stock
     * @param  array<string, true>  $stash  the components that are not the kit's own
     * @param  list<Card>  $cards  the cards that stay
     * @param  list<Sketch>  $shelf  all sketches there are
     * @param  list<Arrangement>  $arrangements  all there are
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
        public array $shelf,
        public array $arrangements,
    ) {
    }

    /**
     * @param  array<string, Component>  $components
     * @param  array<string, int>  $free
     * @param  array<string, list<Stock>>  $stock
     * @param  array<string, list<Piece>>  $promised
     * @param  array<string, true>  $stash
     * @param  list<Card>  $cards
     * @param  list<Sketch>|null  $shelf  null for those that ship
     * @param  list<Arrangement>|null  $arrangements  null for those that ship
     */
    public static function of(
        Unit $unit,
        Size $front,
        array $components,
        array $free,
        array $stock,
        array $promised = [],
        array $stash = [],
        array $cards = [],
        ?array $shelf = null,
        ?array $arrangements = null,
    ): self {
        $shelf ??= array_values(Sketches::all());
        $arrangements ??= array_values(Arrangements::all());

        return new self($unit, $front, $components, $free, $stock, $promised, $stash, $cards, $shelf, $arrangements);
    }

    /**
     * A kit just unpacked, with everything there and nothing cut, and a stash beside it. Components of the stash have
     * ids beginning with stash.
     */
    public static function unpacked(Kit $kit, ?Kit $stash = null): self
    {
        $components = [];
        $besides = [];
        foreach ($kit->components as $component) {
            $components[$component->id] = $component;
        }
        foreach ($stash->components ?? [] as $one) {
            $component = Component::of("stash-$one->id", $one->name, $one->good, $one->count);
            $components[$component->id] = $component;
            $besides[$component->id] = true;
        }
        $free = [];
        $stock = [];
        foreach ($components as $id => $component) {
            if ($component->good instanceof SheetGood) {
                $stock[$id] = self::sheets($id, $component->good->size(), $component->count);
            } else {
                $free[$id] = $component->count;
            }
        }

        return self::of($kit->unit, $kit->front, $components, $free, $stock, stash: $besides);
    }

    /** The table with the maker's wishes applied. */
    public function under(Preferences $wishes): Table
    {
        return Table::of($this, $wishes);
    }

    /** With these cards on it too, and all that they take. */
    public function after(Card ...$cards): self
    {
        $free = $this->free;
        $promised = $this->promised;
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                if ($taking->size === null) {
                    $free[$taking->component] = ($free[$taking->component] ?? 0) - $taking->quantity;
                }
            }
        }

        foreach (Card::piecesOf(array_values($cards)) as $component => $pieces) {
            $promised[$component] = [...$promised[$component] ?? [], ...$pieces];
        }

        return new self(
            $this->unit,
            $this->front,
            $this->components,
            $free,
            $this->stock,
            $promised,
            $this->stash,
            [...$this->cards, ...array_values($cards)],
            $this->shelf,
            $this->arrangements,
        );
    }

    /**
     * What is left beside some cards when their sheets are cut by some plans: whole sheets, and offcuts. Sheets with a
     * margin or a blemish are left out once they are cut into.
     *
     * @param  array<string, CutPlan>  $plans  by component
     */
    public function leftBy(array $plans, Card ...$cards): self
    {
        $stock = $this->stock;
        foreach ($plans as $component => $plan) {
            $cut = [];
            foreach ($plan->sheets as $sheet) {
                $cut[$sheet->stock->id] = $sheet->stock->isClean() ? $sheet->offcuts() : [];
            }
            $stock[$component] = array_values(array_filter(
                $stock[$component] ?? [],
                static fn (Stock $one): bool => ! isset($cut[$one->id]),
            ));
            foreach ($cut as $id => $leaves) {
                foreach ($leaves as $n => $leaf) {
                    $stock[$component][] = Stock::offcut("$id left $n", $leaf->rect()->size);
                }
            }
        }
        $after = $this->after(...$cards);

        return new self(
            $this->unit,
            $this->front,
            $this->components,
            $after->free,
            $stock,
            [],
            $this->stash,
            $after->cards,
            $this->shelf,
            $this->arrangements,
        );
    }

    /** With some goods taken apart: liners, halves of bases, backs of words. */
    public function apart(Spare ...$spares): self
    {
        $free = $this->free;
        foreach ($spares as $spare) {
            $free[$spare->component->id] -= $spare->count;
        }

        return $this->withParts($free, ...$spares);
    }

    /**
     * With what some goods would give in addition to the goods themselves. That is more than there can be, for a bound.
     */
    public function besides(Spare ...$spares): self
    {
        return $this->withParts($this->free, ...$spares);
    }

    /** @param  array<string, int>  $free */
    private function withParts(array $free, Spare ...$spares): self
    {
        [$components, $stock] = [$this->components, $this->stock];
        foreach ($spares as $spare) {
            $parts = $spare->parts();
            $components[$parts->id] = $parts;
            $stock[$parts->id] = $spare->sheets();
        }

        return new self(
            $this->unit,
            $this->front,
            $components,
            $free,
            $stock,
            $this->promised,
            $this->stash,
            $this->cards,
            $this->shelf,
            $this->arrangements,
        );
    }

    /** @return array<string, int> what is free when one stays of everything of which there are two or more */
    public function freeSavingOne(): array
    {
        $free = $this->free;
        foreach ($this->components as $id => $component) {
            $isSaved = $component->count > 1 && ! $component->isEndless() && ! in_array($component->kind(), self::NEVER_SAVED, true);
            if ($isSaved && ($free[$id] ?? 0) > 0) {
                $free[$id]--;
            }
        }

        return $free;
    }

    /** @return array<string, list<Stock>> the stock when a whole sheet stays of everything of which there are two or more */
    public function stockSavingOne(): array
    {
        $stock = $this->stock;
        foreach ($stock as $id => $own) {
            $wholes = array_keys(array_filter($own, static fn (Stock $one): bool => $one->isWhole));
            if ($wholes !== [] && ($this->components[$id]->count ?? 0) > 1) {
                unset($own[end($wholes)]);
                $stock[$id] = array_values($own);
            }
        }

        return $stock;
    }

    /** @return list<Stock> */
    private static function sheets(string $id, Size $size, int $count): array
    {
        $sheets = [];
        for ($n = 1; $n <= $count; $n++) {
            $sheets[] = Stock::sheet("$id/$n", $size);
        }

        return $sheets;
    }
}
