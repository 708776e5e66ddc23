<?php

namespace App\Table;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Models\LedgerEntry;
use App\Models\OwnArrangement;
use App\Models\OwnSketch;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/** A kit and the stash as they are on the table now, read once. */
final readonly class TableState
{
    /** @var array<int, array<int, Sheet>> those that are no plain ones, by component and id */
    private array $sheetsBy;

    /** @var array<int, list<Taking>> by component */
    private array $takingsBy;

    /** @var list<Sheet> of those, the ones that lie there to be cut, in the order of their ids */
    public array $open;

    /**
     * @param  Collection<int, Component>  $components  of the kit, then of the stash, by id
     * @param  array<string, CoreComponent>  $core  the same for the core
     * @param  array<int, int>  $here  by component: how many the ledger says there are, and what is on cards already
     * @param  Collection<int, Card>  $cards  the kit's cards with their takings
     * @param  Collection<int, Taking>  $takings  of all kits' cards from these components
     * @param  Collection<int, Sheet>  $sheets  of these components, in every state, but those that are plain
     * @param  array<int, array<int, Stock>>  $plain  the whole sheets that lie there as they came, by component and id: a kit may
     *                                                have thousands, and no more is known of one than its size
     */
    private function __construct(
        public Kit $kit,
        public Collection $components,
        public array $core,
        public array $here,
        public Collection $cards,
        public Collection $takings,
        public Collection $sheets,
        public array $plain,
    ) {
        $sheetsBy = $takingsBy = $open = [];
        foreach ($sheets as $id => $sheet) {
            $sheetsBy[$sheet->component_id][$id] = $sheet;
            if ($sheet->isOpen()) {
                $open[] = $sheet;
            }
        }
        foreach ($takings as $taking) {
            $takingsBy[$taking->component_id][] = $taking;
        }
        [$this->sheetsBy, $this->takingsBy, $this->open] = [$sheetsBy, $takingsBy, $open];
    }

    public static function of(Kit $kit): self
    {
        $byId = $core = [];
        foreach ($kit->onTable()->get() as $component) {
            $byId[$component->id] = $component;
            $core[$component->coreId()] = $component->toCore();
        }
        $ids = array_keys($byId);
        /** @var array<int, int> $here */
        $here = LedgerEntry::query()
            ->whereIn('component_id', $ids)
            ->groupBy('component_id')
            ->selectRaw('component_id, sum(delta) as n')
            ->pluck('n', 'component_id')
            ->all();
        $cards = $kit->cards()->get()->keyBy('id');
        $takings = self::takings($ids, $cards);
        foreach ($takings->whereNotNull('used_by') as $taking) {
            // What is already on a card still counts as here, as a cut sheet does.
            $here[$taking->component_id] = ($here[$taking->component_id] ?? 0) + $taking->quantity;
        }

        return new self(
            $kit,
            new Collection($byId),
            $core,
            $here,
            $cards,
            $takings,
            self::sheets($ids),
            PlainSheets::of($ids),
        );
    }

    /**
     * Each card of the kit has its own.
     *
     * @param  array<array-key, int|string>  $components
     * @param  Collection<int, Card>  $cards  of the kit, by id
     * @return Collection<int, Taking> with their cards
     */
    private static function takings(array $components, Collection $cards): Collection
    {
        $takings = Taking::query()->whereIn('component_id', $components)->orderBy('id')->get();
        $ofCards = array_fill_keys($cards->keys()->all(), []);
        $ofOthers = [];
        foreach ($takings as $taking) {
            $card = $cards->get($taking->card_id);
            if ($card === null) {
                $ofOthers[] = $taking;
            } else {
                $ofCards[$card->id][] = $taking->setRelation('card', $card);
            }
        }
        foreach ($ofCards as $id => $own) {
            $cards[$id]?->setRelation('takings', new EloquentCollection($own));
        }
        (new EloquentCollection($ofOthers))->load('card');

        return $takings;
    }

    /**
     * @param  array<array-key, int|string>  $components
     * @return Collection<int, Sheet> with their plans, by id; those that are plain are not among them
     */
    private static function sheets(array $components): Collection
    {
        $of = PlainSheets::others(Sheet::query()->whereIn('component_id', $components));
        $plans = [];
        foreach (CutPlan::query()->whereIn('sheet_id', $of->clone()->select('id'))->get() as $plan) {
            $plans[$plan->sheet_id] = $plan;
        }
        $sheets = [];
        foreach ($of->orderBy('id')->get() as $sheet) {
            $sheets[$sheet->id] = $sheet->setRelation('plan', $plans[$sheet->id] ?? null);
        }

        return new Collection($sheets);
    }

    /** A card of the kit for the core, as it was when it was first asked for. */
    public function coreOf(Card $card): CoreCard
    {
        return once(static fn (): CoreCard => $card->toCore());
    }

    /** @return list<CoreCard> the kit's cards for the core */
    public function cores(): array
    {
        return once(fn (): array => array_values($this->cards->map($this->coreOf(...))->all()));
    }

    /** The front of a card with everything in its place. */
    public function frontOf(Card $card): CardFront
    {
        return once(fn (): CardFront => CardFront::of($this->coreOf($card), $this->core, $this->kit->unit));
    }

    /** A card of the kit among the others, as checks look at it. */
    public function inHand(Card $card): CardInHand
    {
        return CardInHand::laid($this->frontOf($card), $this->core, $this->kit->unit, $this->cores());
    }

    /** The present table, with the stored wishes or with others. */
    public function table(?Preferences $wishes = null): Table
    {
        return $wishes === null
            ? once(fn (): Table => $this->lying($this->cards, null))
            : $this->lying($this->cards, $wishes);
    }

    /** The table as it would be without what one card has and is not cut yet. */
    public function tableWithout(Card $card): Table
    {
        return $this->lying($this->cards->reject(static fn (Card $other): bool => $other->id === $card->id), null);
    }

    /**
     * The table as it will be after all planned cuts. What is left of each sheet is stock of its own, known by the id
     * of Kept.
     *
     * @param  list<Kept>  $all  that is kept
     */
    public function tray(array $all, Preferences $wishes): Table
    {
        $stock = array_map(array_values(...), $this->plain);
        foreach ($all as $kept) {
            $stock[$kept->component][] = $kept->toStock();
        }

        return $this->laid($this->cards, $this->takingsWith($this->cards), $stock, [], $wishes);
    }

    /** @return list<int> the cards that no share-out takes apart: those that are begun or pinned */
    public function fixed(): array
    {
        return array_keys($this->cards->filter(static fn (Card $card): bool => $card->isBegun() || $card->is_pinned)->all());
    }

    /**
     * The table with only some of the cards on it.
     *
     * @param  list<int>  $ids
     */
    public function tableWith(array $ids, ?Preferences $wishes = null): Table
    {
        return $this->lying($this->cards->filter(static fn (Card $card): bool => in_array($card->id, $ids, true)), $wishes);
    }

    /**
     * What cards take from a component and cannot get: pieces without a sheet, and numbers beyond the count. Earlier
     * cards come first.
     *
     * @return Collection<int, Taking> of this kit's cards
     */
    private function shortOf(Component $component): Collection
    {
        $takings = $this->takingsOf($component);
        if ($component->kind->isSheets()) {
            $planned = [];
            foreach ($this->sheetsBy[$component->id] ?? [] as $sheet) {
                if (! $sheet->isOpen()) {
                    continue;
                }
                foreach ($sheet->plan?->setRelation('sheet', $sheet)->toCore()->pieces() ?? [] as $leaf) {
                    $planned[(int) $leaf->piece] = true;
                }
            }
            $short = Taking::inTurn($takings->filter(
                static fn (Taking $taking): bool => $taking->width !== null
                    && $taking->sheet_id === null
                    && ! isset($planned[$taking->id]),
            ));
        } else {
            $left = $this->hereOf($component);
            if ($this->core[$component->coreId()]->isEndless() || $takings->sum('quantity') <= $left) {
                return new Collection;
            }
            $short = Taking::inTurn($takings)->filter(static function (Taking $taking) use (&$left): bool {
                $left -= $taking->quantity;

                return $left < 0;
            });
        }

        return $short->filter(fn (Taking $taking): bool => $this->cards->has($taking->card_id))->values();
    }

    /** Whether the stash has something beside the kit. */
    public function hasStash(): bool
    {
        return $this->components->contains(fn (Component $one): bool => $one->kit_id !== $this->kit->id);
    }

    /** @return array<int, Collection<int, Taking>> what is short, by the id of the component; only of those that are */
    public function shorts(): array
    {
        return array_filter(
            $this->components->map(fn (Component $component): Collection => $this->shortOf($component))->all(),
            static fn (Collection $short): bool => $short->isNotEmpty(),
        );
    }

    /** @return array<int, list<Stock>> what lies there to be cut, by component, in the order of their ids */
    public function stock(): array
    {
        return once(function (): array {
            $stock = $this->plain;
            foreach ($this->open as $sheet) {
                $stock[$sheet->component_id][$sheet->id] = $sheet->toStock();
            }
            foreach ($stock as $component => $own) {
                ksort($own);
                $stock[$component] = array_values($own);
            }

            return $stock;
        });
    }

    /** @param  Collection<int, Card>  $staying */
    private function lying(Collection $staying, ?Preferences $wishes): Table
    {
        $takings = $this->takingsWith($staying);

        return $this->laid($staying, $takings, $this->stock(), self::promised($takings), $wishes);
    }

    /**
     * @param  Collection<int, Card>  $staying
     * @return Collection<int, Taking> of those, and of the cards of other kits
     */
    private function takingsWith(Collection $staying): Collection
    {
        return $this->takings->filter(
            fn (Taking $taking): bool => ! $this->cards->has($taking->card_id) || $staying->has($taking->card_id),
        );
    }

    /**
     * @param  Collection<int, Card>  $staying
     * @param  Collection<int, Taking>  $takings  of those, and of the cards of other kits
     * @param  array<int, list<Stock>>  $stock  by component
     * @param  array<string, list<Piece>>  $promised
     */
    private function laid(Collection $staying, Collection $takings, array $stock, array $promised, ?Preferences $wishes): Table
    {
        [$components, $free, $sheets, $stash] = $this->unlaid();
        foreach ($takings as $taking) {
            $id = Component::coreIdOf($taking->component_id);
            if (isset($free[$id])) {
                $free[$id] -= $taking->quantity;
            }
        }
        foreach ($stock as $component => $own) {
            $sheets[Component::coreIdOf($component)] = $own;
        }
        $laying = Inventory::of(
            $this->kit->unit,
            $this->kit->front(),
            $components,
            $free,
            $sheets,
            $promised,
            $stash,
            array_values($staying->map($this->coreOf(...))->all()),
            ...self::shelves(),
        );

        return $laying->under($wishes ?? KitWishes::beyond($this->kit, 1));
    }

    /**
     * What is the same whichever cards stay.
     *
     * @return array{array<string, CoreComponent>, array<string, int>, array<string, list<Stock>>, array<string, true>} the
     *     components, how many there are of what is counted, no stock yet of what comes in sheets, and what is of the stash
     */
    private function unlaid(): array
    {
        return once(function (): array {
            $components = $here = $sheets = $stash = [];
            foreach ($this->components as $component) {
                $id = $component->coreId();
                $many = $this->hereOf($component);
                $components[$id] = $this->core[$id]->counted($many);
                if ($component->kind->isSheets()) {
                    $sheets[$id] = [];
                } else {
                    $here[$id] = $many;
                }
                if ($component->kit_id !== $this->kit->id) {
                    $stash[$id] = true;
                }
            }

            return [$components, $here, $sheets, $stash];
        });
    }

    /** @return array{list<Sketch>, list<Arrangement>} */
    private static function shelves(): array
    {
        return [array_values(OwnSketch::shelf()), array_values(OwnArrangement::shelf())];
    }

    /**
     * The pieces still to be cut for cards.
     *
     * @param  Collection<int, Taking>  $takings
     * @return array<string, list<Piece>> by component
     */
    public static function promised(Collection $takings): array
    {
        $promised = [];
        foreach ($takings as $taking) {
            $piece = $taking->toPiece();
            if ($piece !== null) {
                $promised[Component::coreIdOf($taking->component_id)][] = $piece;
            }
        }

        return $promised;
    }

    /** The name of a component, with the stash named if it is not the kit's own. */
    public function nameOf(int $component): string
    {
        $record = $this->components->get($component);

        return $record === null ? '' : $record->name.($record->kit_id === $this->kit->id ? '' : ' (stash)');
    }

    /** How many of one component there are, read by itself. */
    public static function hereNow(Component $component): int
    {
        if ($component->kind->isSheets()) {
            return $component->sheets()->where('is_whole', true)->whereNot('state', SheetState::Spoiled)->count();
        }
        $used = Taking::query()->where('component_id', $component->id)->whereNotNull('used_by')->sum('quantity');

        return (int) $component->ledger()->sum('delta') + (int) $used;
    }

    /** How many of one component are there to be counted, without what is cut up or glued on cards. */
    public static function lyingNow(Component $component): int
    {
        return $component->kind->isSheets()
            ? $component->sheets()->where('is_whole', true)->where('state', SheetState::Open)->count()
            : (int) $component->ledger()->sum('delta');
    }

    /** The same, as it was read. */
    public function lyingOf(Component $component): int
    {
        if ($component->kind->isSheets()) {
            return $this->plainOf($component)
                + count(array_filter($this->wholesKnown($component), static fn (Sheet $sheet): bool => $sheet->isOpen()));
        }

        return $this->hereOf($component) - (int) $this->takingsOf($component)->whereNotNull('used_by')->sum('quantity');
    }

    /** How many there are: whole sheets, cut or not, or the sum of the ledger. */
    public function hereOf(Component $component): int
    {
        return $component->kind->isSheets() ? $this->sheetsHere($component) : (int) ($this->here[$component->id] ?? 0);
    }

    /** @return Collection<int, Taking> by cards of every kit */
    public function takingsOf(Component $component): Collection
    {
        return new Collection($this->takingsBy[$component->id] ?? []);
    }

    /** How many whole sheets there are from which nothing is to be cut. */
    public function wholesLeft(Component $component): int
    {
        $isLeft = static fn (Sheet $sheet): bool => $sheet->isOpen() && $sheet->plan === null;

        return $this->plainOf($component) + count(array_filter($this->wholesKnown($component), $isLeft));
    }

    /** How many whole sheets there are, cut or not. */
    public function sheetsHere(Component $component): int
    {
        return $this->plainOf($component) + count($this->wholesKnown($component));
    }

    /** @return list<Size> of the whole sheets there are, cut or not */
    public function wholes(Component $component): array
    {
        return [
            ...array_column($this->plain[$component->id] ?? [], 'size'),
            ...array_map(static fn (Sheet $sheet): Size => $sheet->size(), $this->wholesKnown($component)),
        ];
    }

    /** @return list<Sheet> the whole ones that are not plain */
    private function wholesKnown(Component $component): array
    {
        $isWhole = static fn (Sheet $sheet): bool => $sheet->isWholeHere();

        return array_values(array_filter($this->sheetsBy[$component->id] ?? [], $isWhole));
    }

    private function plainOf(Component $component): int
    {
        return count($this->plain[$component->id] ?? []);
    }
}
