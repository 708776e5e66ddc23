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

/** What cards may be made of: what is on the table, under the maker's wishes. It is made by Inventory::under() only. */
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
     * The usable sketches. A front without any cut part is a card only if the base is printed, if there is no sheet at
     * all, or if one piece covers it. Such sketches are kept only if that is possible.
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

    /** Whether there is no sheet of anything, except what could be taken apart. */
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

    /** Whether a card may use a sketch on a base. A sketch without cut parts does not suit every base. */
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
        $leaner = array_merge([], ...array_map(static fn (Sketch $sketch): array => $sketch->leaner(), $this->sketches));

        return [...$this->sketches, ...array_values(array_filter($leaner, $this->wishes->least->allows(...)))];
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
     * The same table, with some sheets cut in a fixed way.
     *
     * @param  array<string, Prepared>  $prepared  by component
     */
    public function cutBy(array $prepared): self
    {
        return new self($this->laying, $this->wishes, $this->sketches, $this->plans->cutBy($prepared), $this->layouts, $this->harmonies);
    }

    /**
     * Whether the cuts of a component's sheets are decided. Then pieces are found in their exact size or not at all.
     */
    public function isPrepared(string $component): bool
    {
        return $this->plans->isPrepared($component);
    }

    /** The table with these cards on it too, and all that they take. */
    public function after(Card ...$cards): self
    {
        $laying = $this->laying->after(...$cards);

        return new self($laying, $this->wishes, $this->sketches, $this->plans, $this->layouts, $this->harmonies);
    }

    /**
     * What is left on the table beside some cards, when their sheets are cut by some plans.
     *
     * @param  array<string, CutPlan>  $plans  by component
     */
    public function leftBy(array $plans, Card ...$cards): self
    {
        return $this->lying($this->laying->leftBy($plans, ...$cards), $this->sketches, $this->layouts);
    }

    /** The table with everything taken apart that no card needs as it is: liners, halves of bases, backs of words. */
    public function sparesApart(): self
    {
        return $this->apart(...Spare::on($this));
    }

    /**
     * The table with what all goods would give if they were taken apart too. No choice of what to take apart gives more
     * cards.
     */
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
     * Other sheets are there, so nothing is planned yet.
     *
     * @param  list<Sketch>  $sketches
     */
    private function lying(Inventory $laying, array $sketches, Layouts $layouts): self
    {
        return new self($laying, $this->wishes, $sketches, Plans::with($this->wishes->trimmer()), $layouts, $this->harmonies);
    }

    /** With as much taken apart as some cards take of it. */
    public function apartFor(Card ...$cards): self
    {
        return $this->apart(...$this->sparesIn(...$cards));
    }

    /**
     * The table with further cards on it that were found with spares taken apart, to see what stops the next. Nothing
     * else is taken apart for some more cards, since whole goods on the table must not be bought.
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

    /** The face that a taking shows. Null if it is not cut from a sheet. */
    public function surfaceOf(?Taking $taking): ?Surface
    {
        $component = $taking === null ? null : $this->components[$taking->component] ?? null;
        $face = $taking === null ? null : $component?->face($taking->face);

        return $taking === null || $face === null
            ? null
            : Surface::of($component->id, $taking->face, $face, $component->kind()->isPrintedPaper());
    }

    /** The face of the largest paper of a card, which the others should match. */
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
     * On how many more cards some words may be used. Usually on any number. If words may be used once, then on one card
     * or set, if no card has them yet, and on the followed designs that have them.
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

    /** The penalty for taking from the stash, in points of goodness. The stash is for where the kit runs out. */
    public function stashCost(string $component): int
    {
        return isset($this->stash[$component]) ? self::FROM_STASH : 0;
    }

    /** Whether one more card may take from it. */
    public function offers(string $component): bool
    {
        return ($this->isStashOpen || ! isset($this->stash[$component])) && $this->wishes->useOf($component) !== Wanted::Never;
    }

    /** How many more cards may take from the stash. Null for any number. */
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
