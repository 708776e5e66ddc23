<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;

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
     * @param  list<Sketch>  $sketches  those that new cards may be laid on
     * @param  Length|null  $frame  of the fronts of new cards, nothing where they are covered to the edge; null as the sketches have it
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
        public array $sketches,
        public ?Length $frame,
        private Plans $plans,
        public Layouts $layouts,
        public Harmonies $harmonies,
    ) {
    }

    /**
     * @param  array<string, Component>  $components
     * @param  array<string, int>  $free
     * @param  array<string, list<Stock>>  $stock
     * @param  array<string, list<Piece>>  $promised
     * @param  array<string, true>  $stash
     * @param  list<Card>  $cards
     * @param  list<Sketch>|null  $sketches  null for those that ship
     */
    public static function of(Unit $unit, Size $front, array $components, array $free, array $stock, array $promised = [], array $stash = [], array $cards = [], ?array $sketches = null, ?Length $frame = null): self
    {
        return new self($unit, $front, $components, $free, $stock, $promised, $stash, $cards, $sketches ?? array_values(Sketches::all()), $frame, new Plans, Layouts::with($unit, $frame), new Harmonies);
    }

    /**
     * A kit just unpacked: everything there, nothing cut; beside it a stash, whose components are known by stash-id.
     */
    public static function unpacked(Kit $kit, ?Kit $stash = null): self
    {
        $components = [];
        $free = [];
        $stock = [];
        $besides = [];
        foreach ($stash->components ?? [] as $component) {
            $besides["stash-$component->id"] = Component::of("stash-$component->id", $component->name, $component->good, $component->count);
        }
        foreach ([...$kit->components, ...array_values($besides)] as $component) {
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

        return self::of($kit->unit, $kit->front, $components, $free, $stock, stash: array_map(static fn (): true => true, $besides));
    }

    /** The same table, cut with another trimmer. */
    public function cutWith(Trimmer $trimmer): self
    {
        return $this->with(plans: new Plans(Terms::usual()->with($trimmer)));
    }

    /** The same table, with so much of the base showing round the fronts of new cards; null as it was. */
    public function framed(?Length $frame): self
    {
        return $this->with(frame: $frame);
    }

    /**
     * The same table, with new cards on these sketches only.
     *
     * @param  list<Sketch>  $sketches
     */
    public function onSketches(array $sketches): self
    {
        return $this->with(sketches: $sketches);
    }

    /** The table with these cards on it too, each with all it takes. */
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
            foreach (Remains::piecesOf($card) as $component => $pieces) {
                $promised[$component] = [...$promised[$component] ?? [], ...$pieces];
            }
        }

        return $this->with(free: $free, promised: $promised, cards: [...$this->cards, ...array_values($cards)]);
    }

    /** The table without one of everything of which two or more are there: a whole sheet, or a piece. */
    public function savingOne(): self
    {
        $free = array_map(static fn (int $count): int => $count > 1 ? $count - 1 : $count, $this->free);
        $stock = $this->stock;
        foreach ($this->components as $id => $component) {
            // Bases, envelopes and what is measured out are there to be used to the last.
            if (in_array($component->kind(), [Kind::Base, Kind::Envelope, Kind::Ribbon, Kind::Foam], true)) {
                $free[$id] = $this->free[$id] ?? 0;
            }
            $wholes = array_keys(array_filter($stock[$id] ?? [], static fn (Stock $one): bool => $one->isWhole));
            if (count($wholes) > 1) {
                $saved = end($wholes);
                $stock[$id] = array_values(array_filter($stock[$id], static fn (int $n): bool => $n !== $saved, ARRAY_FILTER_USE_KEY));
            }
        }

        return $this->with(free: $free, stock: $stock, plans: $this->plans->anew());
    }

    /** The table with all that no card can need as it is taken apart: liners, halves of bases, backs of words. */
    public function sparesApart(Wishes $wishes): self
    {
        [$components, $free, $stock] = [$this->components, $this->free, $this->stock];
        foreach (Spare::on($this, $wishes) as $spare) {
            $apart = $spare->apart->component($spare->idApart(), $spare->count);
            $components[$apart->id] = $apart;
            $free[$spare->component->id] -= $spare->count;
            $stock[$apart->id] = array_map(static fn (int $n): Stock => Stock::offcut("$apart->id/$n", $spare->apart->good->size()), range(1, $apart->count));
        }

        return $this->with($components, $free, $stock, plans: $this->plans->anew());
    }

    /**
     * @param  array<string, Component>|null  $components
     * @param  array<string, int>|null  $free
     * @param  array<string, list<Stock>>|null  $stock
     * @param  array<string, list<Piece>>|null  $promised
     * @param  list<Card>|null  $cards
     * @param  list<Sketch>|null  $sketches
     */
    private function with(?array $components = null, ?array $free = null, ?array $stock = null, ?array $promised = null, ?array $cards = null, ?array $sketches = null, ?Plans $plans = null, ?Length $frame = null): self
    {
        return new self($this->unit, $this->front, $components ?? $this->components, $free ?? $this->free, $stock ?? $this->stock, $promised ?? $this->promised, $this->stash, $cards ?? $this->cards, $sketches ?? $this->sketches, $frame ?? $this->frame, $plans ?? $this->plans, $frame === null ? $this->layouts : Layouts::with($this->unit, $frame), $this->harmonies);
    }

    /**
     * A quick plan for pieces of one component.
     *
     * @param  list<Piece>  $pieces
     */
    public function plan(string $component, array $pieces): CutPlan
    {
        return $this->plans->of($component, $this->stock[$component] ?? [], $pieces);
    }

    /** The surface that a taking shows, or null where it is not cut from a sheet. */
    public function surfaceOf(?Taking $taking): ?Surface
    {
        $component = $taking === null ? null : $this->components[$taking->component] ?? null;
        $face = $taking !== null && $component?->good instanceof SheetGood ? $component->good->faces()[$taking->face] ?? null : null;

        return $taking === null || $face === null ? null : Surface::of($component->id, $taking->face, $face, $component->kind()->isPrintedPaper());
    }

    /** The surface of the largest paper of a card, which the others are chosen to go with. */
    public function mainOf(Card $card): ?Surface
    {
        foreach ($card->layout($this->unit)->largestPaperFirst() as $laid) {
            $surface = $this->surfaceOf($card->taking($laid->part->id));
            if ($surface !== null) {
                return $surface;
            }
        }

        return null;
    }

    /** @return array<string, true> the words that its cards say, in lower case */
    public function said(): array
    {
        $said = [];
        foreach ($this->cards as $card) {
            foreach ($card->takings as $taking) {
                $text = ($this->components[$taking->component] ?? null)?->words()?->text;
                if ($text !== null) {
                    $said[mb_strtolower($text)] = true;
                }
            }
        }

        return $said;
    }

    /** How many things a card takes from the stash. */
    public function fromStash(Card $card): int
    {
        return count(array_filter($card->takings, fn (Taking $taking): bool => isset($this->stash[$taking->component])));
    }

    /** Whether a card may take from it under these wishes. */
    public function offers(string $component, Wishes $wishes): bool
    {
        return ($wishes->stash || ! isset($this->stash[$component])) && $wishes->useOf($component) !== Wanted::Never;
    }
}
