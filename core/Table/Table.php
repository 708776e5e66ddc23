<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Sketch;

/** What cards may be made of: what lies there, under the wishes of the maker. Made by Inventory::under() alone. */
final readonly class Table
{
    private const FROM_STASH = 60;

    public Unit $unit;

    public Size $front;

    /** @var array<string, Component> by id */
    public array $components;

    /** @var array<string, int> what no card has taken and is not saved, of the goods that are counted */
    public array $free;

    /** @var array<string, list<Stock>> the sheets and offcuts that may be cut and are not saved */
    public array $stock;

    /** @var array<string, list<Piece>> pieces for cards that stay, still to be cut from that stock */
    public array $promised;

    /** @var array<string, true> the components that are not the kit's own */
    public array $stash;

    /** @var list<Card> the cards that stay */
    public array $cards;

    private bool $isStashOpen;

    /**
     * @param  Inventory  $laying  what lies there, saved or not
     * @param  list<Sketch>  $sketches  those that new cards may be laid on
     */
    private function __construct(
        public Inventory $laying,
        public Preferences $wishes,
        public array $sketches,
        private Plans $plans,
        public Layouts $layouts,
        public Harmonies $harmonies,
    ) {
        $this->unit = $laying->unit;
        $this->front = $laying->front;
        $this->components = $laying->components;
        $this->free = $wishes->savesOne ? $laying->freeSavingOne() : $laying->free;
        $this->stock = $wishes->savesOne ? $laying->stockSavingOne() : $laying->stock;
        $this->promised = $laying->promised;
        $this->stash = $laying->stash;
        $this->cards = $laying->cards;
        $this->isStashOpen = $wishes->stash && ($wishes->stashCards === null || $this->cardsFromStash() < $wishes->stashCards);
    }

    public static function of(Inventory $laying, Preferences $wishes): self
    {
        return new self(
            $laying,
            $wishes,
            self::sketches($laying, $wishes),
            Plans::with($wishes->trimmer()),
            Layouts::with($laying->unit, $wishes->frame),
            new Harmonies,
        );
    }

    /**
     * Those that are left on. A front with nothing cut for it is a card where the base is printed, where there is no sheet of
     * anything to lay on it, or where one piece covers it: such sketches are kept only where there may be one.
     *
     * @return list<Sketch>
     */
    private static function sketches(Inventory $laying, Preferences $wishes): array
    {
        $sketches = $wishes->sketchesOf($laying->shelf);
        $mayBeBare = self::isBare($laying);
        foreach ($laying->components as $component) {
            $good = $component->good;
            $mayBeBare = $mayBeBare
                || ($good instanceof CardBase && $good->printed !== null)
                || ($good instanceof Applied && $good->printed()->isFront());
        }

        return $mayBeBare ? $sketches : array_values(array_filter($sketches, static fn (Sketch $one): bool => ! $one->isBare()));
    }

    /** There is no sheet of anything, but what could be taken apart. */
    public function isBareKit(): bool
    {
        return self::isBare($this->laying);
    }

    private static function isBare(Inventory $laying): bool
    {
        foreach ($laying->stock as $id => $stock) {
            if ($stock !== [] && Spare::sourceOf($id) === null) {
                return false;
            }
        }

        return true;
    }

    /** Whether a card may be made on a sketch on a base: one with nothing cut for it not on any. */
    public function allowsOn(Sketch $sketch, ?CardBase $base): bool
    {
        return ! $sketch->isBare() || $sketch->focus === Focus::Piece || $base?->printed !== null || $this->isBareKit();
    }

    /** The same under other wishes. */
    public function asking(Preferences $wishes): self
    {
        return $wishes->laysAs($this->wishes)
            ? new self($this->laying, $wishes, $this->sketches, $this->plans, $this->layouts, $this->harmonies)
            : self::of($this->laying, $wishes);
    }

    /** The same table, with new cards designed for a fold. */
    public function onFold(FoldKind $fold): self
    {
        return new self($this->laying, $this->wishes, $this->sketches, $this->plans, $this->layouts->onFold($fold), $this->harmonies);
    }

    /** @return list<Sketch> its sketches as they are drawn, and as they may be made where paper is short */
    public function sketchesGiving(): array
    {
        $leaner = array_map(static fn (Sketch $sketch): array => $sketch->leaner(), $this->sketches);

        return [...$this->sketches, ...array_merge([], ...$leaner)];
    }

    /**
     * The same table, with new cards on these sketches only.
     *
     * @param  list<Sketch>  $sketches
     */
    public function onSketches(array $sketches): self
    {
        return new self($this->laying, $this->wishes, $sketches, $this->plans, $this->layouts, $this->harmonies);
    }

    /**
     * The same table, where some sheets are cut in one way only.
     *
     * @param  array<string, Prepared>  $prepared  by component
     */
    public function cutBy(array $prepared): self
    {
        return new self($this->laying, $this->wishes, $this->sketches, $this->plans->cutBy($prepared), $this->layouts, $this->harmonies);
    }

    /** Whether it is decided how the sheets of a component are cut: then pieces are found there in their very size, or not. */
    public function isPrepared(string $component): bool
    {
        return $this->plans->isPrepared($component);
    }

    /** The table with these cards on it too, each with all it takes. */
    public function after(Card ...$cards): self
    {
        $laying = $this->laying->after(...$cards);

        return new self($laying, $this->wishes, $this->sketches, $this->plans, $this->layouts, $this->harmonies);
    }

    /** The table with all that no card can need as it is taken apart: liners, halves of bases, backs of words. */
    public function sparesApart(): self
    {
        return $this->apart(...Spare::on($this));
    }

    /** The table with what everything on it would give, were it taken apart too: no choice of what is taken apart gives more cards. */
    public function everythingApart(): self
    {
        $laying = $this->laying->besides(...Spare::all($this));

        return $this->lying($laying, self::sketches($laying, $this->wishes), $this->layouts->unfolded());
    }

    /** The same table with some goods taken apart. */
    public function apart(Spare ...$spares): self
    {
        if ($spares === []) {
            return $this;
        }

        return $this->lying($this->laying->apart(...$spares), $this->sketches, $this->layouts);
    }

    /**
     * Where other sheets lie, so that nothing is planned yet.
     *
     * @param  list<Sketch>  $sketches
     */
    private function lying(Inventory $laying, array $sketches, Layouts $layouts): self
    {
        return new self($laying, $this->wishes, $sketches, Plans::with($this->wishes->trimmer()), $layouts, $this->harmonies);
    }

    /** With so much taken apart as some cards take of what it gives. */
    public function apartFor(Card ...$cards): self
    {
        return $this->apart(...$this->sparesIn(...$cards));
    }

    /**
     * The table with cards on it too that were found with spares apart, to see what stops the next. For so many more cards nothing
     * else is taken apart: what lies there whole is not to be bought.
     */
    public function beyond(int $more, Card ...$cards): self
    {
        $spares = [];
        foreach ([...Spare::on($this, $more), ...$this->sparesIn(...$cards)] as $spare) {
            $other = $spares[$spare->component->id] ?? $spare;
            $spares[$spare->component->id] = $other->count > $spare->count ? $other : $spare;
        }

        return $this->apart(...array_values($spares))->after(...$cards);
    }

    /** @return list<Spare> as many as some cards are cut from */
    private function sparesIn(Card ...$cards): array
    {
        $pieces = array_diff_key(Card::piecesOf(array_values($cards)), $this->components);
        $spares = [];
        foreach ($pieces === [] ? [] : Spare::all($this) as $spare) {
            $own = $pieces[$spare->idApart()] ?? [];
            $spares = $own === [] ? $spares : [...$spares, $spare->neededFor($own)];
        }

        return $spares;
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
        $face = $taking === null ? null : $component?->face($taking->face);

        return $taking === null || $face === null
            ? null
            : Surface::of($component->id, $taking->face, $face, $component->kind()->isPrintedPaper());
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

    /**
     * On how many more cards words may stand: on any number, unless they are to be said once; then on one, or one set, where
     * no card says them, and on those of a design that is followed, since its maker means them to be said.
     *
     * @param  string  $words  in lower case
     */
    public function mayBeSaid(string $words): int
    {
        if ($this->wishes->words !== WordsAgain::Once) {
            return Preferences::MOST_CARDS;
        }
        $many = isset($this->said()[$words]) ? 0 : $this->wishes->set;
        foreach ($this->wishes->designs as $design) {
            $own = ($this->components[$design->takes[KitDesign::SENTIMENT]['component'] ?? ''] ?? null)?->words()?->text;
            $many += $own !== null && mb_strtolower($own) === $words ? $design->makes * $this->wishes->set : 0;
        }

        return $many;
    }

    /** How many things a card takes from the stash. */
    public function fromStash(Card $card): int
    {
        return count(array_filter($card->takings, fn (Taking $taking): bool => isset($this->stash[$taking->component])));
    }

    /** Points of goodness that taking from the stash costs: it is for where the kit runs out. */
    public function stashCost(string $component): int
    {
        return isset($this->stash[$component]) ? self::FROM_STASH : 0;
    }

    /** Whether one more card may take from it. */
    public function offers(string $component): bool
    {
        return ($this->isStashOpen || ! isset($this->stash[$component])) && $this->wishes->useOf($component) !== Wanted::Never;
    }

    /** How many more cards may take from the stash; null for any number. */
    public function stashLeft(): ?int
    {
        return match (true) {
            ! $this->wishes->stash => 0,
            $this->wishes->stashCards === null => null,
            default => max(0, $this->wishes->stashCards - $this->cardsFromStash()),
        };
    }

    private function cardsFromStash(): int
    {
        return count(array_filter($this->laying->cards, fn (Card $card): bool => $this->fromStash($card) > 0));
    }
}
