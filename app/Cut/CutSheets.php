<?php

namespace App\Cut;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use App\View\GoodView;
use App\View\ShortParts;
use Illuminate\Support\Collection;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\LowerBound;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Part;

/**
 * The sheets that are cut for the cards of a kit, with their plans.
 *
 * @phpstan-import-type ShortPart from ShortParts
 * @phpstan-import-type Box from GoodView
 * @phpstan-import-type CutLine from GoodView
 * @phpstan-import-type Extent from GoodView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type SheetEntry array{
 *     id: int,
 *     component: string,
 *     name: string,
 *     which: string,
 *     isCut: bool,
 *     isBegun: bool,
 * }
 * @phpstan-type CutOfSheet array{
 *     number: int,
 *     turn: bool,
 *     at: string,
 *     unit: 'in'|'mm',
 *     inHand: string,
 *     from: string,
 *     frees: list<string>,
 *     line: CutLine,
 * }
 * @phpstan-type CutLater array{number: int, turn: bool, at: string, unit: 'in'|'mm'}
 * @phpstan-type PartOfSheet array{
 *     x: int,
 *     y: int,
 *     width: int,
 *     height: int,
 *     label: string,
 *     measure: string,
 *     isKept: bool,
 *     face: int,
 * }
 * @phpstan-type SheetInHand array{
 *     id: int,
 *     component: string,
 *     name: string,
 *     which: string,
 *     isCut: bool,
 *     size: Extent,
 *     measure: string,
 *     parts: list<PartOfSheet>,
 *     cuts: list<CutOfSheet>, // of the part in hand
 *     later: list<CutLater>, // of the other parts of the sheet, in the order in which they come after
 *     all: int, // how many cuts the sheet takes, those that are made among them
 *     left: int,
 *     settings: int, // of the guide, for what is left
 *     isPart: bool,
 *     blemishes: list<Box>,
 *     afterwards: list<string>,
 * }
 * @phpstan-type Bag array{
 *     card: int,
 *     number: int,
 *     all: int,
 *     cut: list<array{id: int, part: string, size: string}>,
 * }
 * @phpstan-type CutBound array{opened: int, least: int}
 */
final readonly class CutSheets
{
    /**
     * @param  Collection<int, Taking>  $takings  by id
     * @param  list<string>|null  $only  ids of the takings that are cut for; null for all
     * @param  Collection<int, CutPlan>  $plans  in the order of the table
     * @param  array<int, Collection<int, CutPlan>>  $lines  all plans of each sheet and its parts in hand
     */
    private function __construct(
        private TableState $state,
        private Collection $takings,
        private ?array $only,
        private Collection $plans,
        private array $lines,
    ) {
    }

    /** @param  Card|null  $card  where only one card is cut for */
    public static function of(Kit $kit, ?Card $card): self
    {
        $state = TableState::of($kit);
        $only = $card === null ? null : array_values(
            $state->takings->where('card_id', $card->id)->map(static fn (Taking $taking): string => (string) $taking->id)->all(),
        );
        $places = $state->components->keys()->flip();
        $all = CutPlan::for($kit)->with('sheet.component')->get()
            ->filter(static fn (CutPlan $plan): bool => $places->has($plan->sheet->component_id));
        $plans = $all
            ->filter(
                static fn (CutPlan $plan): bool => $only === null
                    || ($plan->cut_at === null && self::isFor($plan->toCore()->root, $only)),
            )
            ->sortBy(
                static fn (CutPlan $plan): array => [
                    (int) $places[$plan->sheet->component_id],
                    ! ($plan->sheet->is_whole || $plan->sheet->in_hand_id !== null),
                    $plan->lineId(),
                    $plan->sheet_id,
                ],
            )
            ->values();

        $lines = $all->groupBy(static fn (CutPlan $plan): int => $plan->lineId())->all();

        return new self($state, $state->takings->keyBy('id'), $only, $plans, $lines);
    }

    /**
     * A sheet with its begun parts is one line. The next part to cut stands for it.
     *
     * @return list<SheetEntry>
     */
    public function entries(): array
    {
        $lines = $this->plans->groupBy(static fn (CutPlan $plan): int => $plan->lineId());

        return array_values($lines->map(function (Collection $parts): array {
            $next = $parts->firstWhere('cut_at', null);
            $next = $next === null ? null : $this->line($next)->next() ?? $next;
            $isBegun = $next !== null && $parts->whereNotNull('cut_at')->isNotEmpty();

            return [...$this->entry($next ?? $parts->firstOrFail()), 'isBegun' => $isBegun];
        })->all());
    }

    /** @return SheetInHand|null */
    public function inHand(?int $wanted): ?array
    {
        $open = $this->plans->whereNull('cut_at');
        $begun = $open->first(
            fn (CutPlan $plan): bool => $plan->sheet->in_hand_id !== null
                && $this->state->sheets->get($plan->sheet->parent_id ?? 0)?->state !== SheetState::Parted,
        );
        $plan = $this->plans->firstWhere('sheet_id', $wanted) ?? $begun ?? $open->first() ?? $this->plans->last();
        // For a begun sheet: the next part in the order of its cuts.
        $next = $plan === null || $plan->cut_at !== null ? null : $this->line($plan)->next();

        return $plan === null ? null : $this->sheet($next ?? $plan);
    }

    /** @return SheetInHand|null a sheet or a part of one, whatever is to be cut next */
    public function exactly(int $sheet): ?array
    {
        $plan = $this->plans->firstWhere('sheet_id', $sheet);

        return $plan === null ? null : $this->sheet($plan);
    }

    private function line(CutPlan $plan): SheetLine
    {
        return SheetLine::of($this->lines[$plan->lineId()], $this->state->sheets);
    }

    /** @return list<Bag> the pieces of each card, cut and still to cut */
    public function bags(): array
    {
        return array_values($this->state->cards->map(function (Card $card): array {
            $pieces = $this->state->takings->where('card_id', $card->id)->whereNotNull('width');

            return [
                'card' => $card->id,
                'number' => $card->number,
                'all' => $pieces->count(),
                'cut' => array_values($pieces->whereNotNull('sheet_id')->map(fn (Taking $taking): array => [
                    'id' => $taking->id,
                    'part' => $taking->partName(),
                    'size' => $taking->size()?->format($this->unit()) ?? '',
                ])->all()),
            ];
        })->all());
    }

    /** @return list<ShortPart> what cannot be cut any more */
    public function shorts(): array
    {
        return ShortParts::of($this->state);
    }

    /** @return Goods */
    public function goods(): array
    {
        return GoodView::all($this->state->core);
    }

    public function hasCards(): bool
    {
        return $this->state->cards->isNotEmpty();
    }

    /** @return CutBound how near the plan is to the least number of sheets */
    public function bound(): array
    {
        $whole = $this->plans->filter(static fn (CutPlan $plan): bool => $plan->sheet->is_whole);
        $least = $whole->whereNotNull('cut_at')->count();
        $promised = TableState::promised($this->state->takings);
        $isPlanned = $this->plans->keyBy(static fn (CutPlan $plan): int => $plan->sheet->component_id);
        foreach ($this->state->stock() as $component => $stock) {
            if ($isPlanned->has($component)) {
                $least += LowerBound::sheets($stock, $promised[Component::coreIdOf($component)] ?? []);
            }
        }

        return ['opened' => $whole->count(), 'least' => $least];
    }

    /** @return array{id: int, component: string, name: string, which: string, isCut: bool} */
    private function entry(CutPlan $plan): array
    {
        return [
            'id' => $plan->sheet_id,
            'component' => Component::coreIdOf($plan->sheet->component_id),
            'name' => $plan->sheet->component->name,
            'which' => $this->which($plan->sheet),
            'isCut' => $plan->cut_at !== null,
        ];
    }

    private function which(Sheet $sheet): string
    {
        return $sheet->is_whole || $sheet->in_hand_id !== null
            ? sprintf('sheet %d of %d', $sheet->number, max($sheet->number, $this->state->sheetsHere($sheet->component)))
            : sprintf('offcut %s of sheet %d', $sheet->size()->format($this->unit()), $sheet->number);
    }

    /** @return SheetInHand */
    private function sheet(CutPlan $plan): array
    {
        $core = $plan->toCore();
        $line = $plan->cut_at === null ? $this->line($plan) : null;
        [$cuts, $later] = $line === null ? [$this->cutsOf($core->cuts()), []] : $this->cutsLeft($plan, $line);

        return [
            ...$this->entry($plan),
            'size' => GoodView::size($core->stock->size),
            'measure' => $core->stock->size->label($this->unit()),
            'parts' => array_map($this->part(...), $core->leaves()),
            'cuts' => $cuts,
            'later' => $later,
            'all' => count($cuts) + count($later) + ($line->done ?? 0),
            'left' => count($cuts) + count($later),
            'settings' => $line === null ? $core->settings() : $line->settings(),
            'isPart' => $plan->sheet->in_hand_id !== null,
            'blemishes' => array_map(GoodView::box(...), $plan->sheet->blemishes()),
            'afterwards' => array_values(array_filter(array_map($this->afterwards(...), $core->pieces()))),
        ];
    }

    /**
     * For a sheet that is cut.
     *
     * @param  list<Cut>  $made
     * @return list<CutOfSheet>
     */
    private function cutsOf(array $made): array
    {
        $turned = false;
        $cuts = [];
        foreach ($made as $cut) {
            $quarter = $cut->direction() === Direction::Down;
            $cuts[] = $this->cut($cut, $quarter !== $turned);
            $turned = $quarter;
        }

        return $cuts;
    }

    /** @return array{list<CutOfSheet>, list<CutLater>} of the part in hand, and of the others */
    private function cutsLeft(CutPlan $inHand, SheetLine $line): array
    {
        [$cuts, $later] = [[], []];
        $turned = $line->last?->direction === Direction::Down;
        $number = $line->done;
        foreach ($line->left as [$plan, $split]) {
            if (! $this->isWanted($split)) {
                continue;
            }
            $cut = Cut::of(++$number, $split);
            $quarter = $split->direction === Direction::Down;
            if ($plan->id === $inHand->id) {
                $cuts[] = $this->cut($cut, $quarter !== $turned);
            } else {
                $later[] = [
                    'number' => $number,
                    'turn' => $quarter !== $turned,
                    'at' => $split->at->format($this->unit()),
                    'unit' => $this->unit()->value,
                ];
            }
            $turned = $quarter;
        }

        return [$cuts, $later];
    }

    /** Whether a part holds a piece for the chosen card. */
    private function isWanted(Node $part): bool
    {
        return $this->only === null || self::isFor($part, $this->only);
    }

    /** @param  list<string>  $pieces */
    private static function isFor(Node $part, array $pieces): bool
    {
        return array_intersect($part->pieces(), $pieces) !== [];
    }

    /** What is done to a piece after the straight cuts: circles, openings, fishtails. */
    private function afterwards(Leaf $leaf): ?string
    {
        $taking = $this->takings->get((int) $leaf->piece);
        if ($taking === null || ! $this->isWanted($leaf)) {
            return null;
        }
        $card = $this->owner((string) $leaf->piece);
        if ($taking->part === FocalPart::ID) {
            $die = $this->state->takings->where('card_id', $taking->card_id)->firstWhere('part', DiePart::ID);
            if ($die === null) {
                return null;
            }
            $name = lcfirst($this->state->nameOf($die->component_id));
            $isStamped = ($this->state->core["c$die->component_id"] ?? null)?->showsStampedPicture() === true;

            return "Card $card, focal point: ".($isStamped ? "stamp it with $name." : "cut it with $name.");
        }
        $done = $this->shaped($taking, $leaf);

        return $done === null ? null : "Card $card, {$taking->partName()}: $done.";
    }

    /** How a part gets its shape. */
    private function shaped(Taking $taking, Leaf $leaf): ?string
    {
        $parts = array_column($taking->card->toSketch()->parts, null, 'id');
        $part = $parts[$taking->part] ?? null;
        if (! $part instanceof Part || $part->form->kind === FormKind::Plain) {
            return null;
        }
        $card = $taking->card->loadMissing('takings')->toCore();
        $lengths = $card->lengthsOf($part, $card->layout($this->unit()), $this->unit());

        return $part->form->afterwards($leaf->rect()->size, $lengths, $this->unit());
    }

    /** @return CutOfSheet */
    private function cut(Cut $cut, bool $turn): array
    {
        $part = $cut->part();
        $isDown = $cut->direction() === Direction::Down;

        return [
            'number' => $cut->number,
            'turn' => $turn,
            'at' => $cut->at()->format($this->unit()),
            'unit' => $this->unit()->value,
            'inHand' => $part->size->format($this->unit()),
            'from' => $isDown ? 'left' : 'upper',
            'frees' => array_values(array_filter([
                $this->freed($cut->split->first, $isDown ? 'Left part' : 'Upper part'),
                $this->freed($cut->split->second, $isDown ? 'Right part' : 'Lower part'),
            ])),
            'line' => GoodView::line($cut),
        ];
    }

    /** What to write on the back of a finished part. */
    private function freed(Node $node, string $which): ?string
    {
        if (! $node instanceof Leaf) {
            return null;
        }

        $standard = $this->standard($node);

        return match (true) {
            $standard !== null => "$which: $standard.",
            $node->piece === null => "$which: keep.",
            default => "$which: write {$this->owner($node->piece)} on its back.",
        };
    }

    /** What a part is if it is not a piece of a card: a standard part, an offcut, or a part that is cut later. */
    private function standard(Leaf $leaf): ?string
    {
        $id = Sheet::idOfPart($leaf->piece ?? '');
        if ($id === null) {
            return null;
        }
        $part = $this->state->sheets->get($id);

        return $part->part ?? ($part?->plan === null ? 'keep' : 'cut further');
    }

    private function owner(string $piece): string
    {
        $taking = $this->takings->get((int) $piece);
        if ($taking === null) {
            return '?';
        }
        $isOther = $taking->card->kit_id !== $this->state->kit->id;

        return ($isOther ? $taking->card->kit->name.' ' : '').$taking->card->number;
    }

    /** @return PartOfSheet */
    private function part(Leaf $leaf): array
    {
        $rect = $leaf->rect();
        $standard = $this->standard($leaf);
        $taking = $leaf->piece === null || $standard !== null ? null : $this->takings->get((int) $leaf->piece);

        return [
            ...GoodView::box($rect),
            'label' => $taking === null ? $standard ?? 'keep' : "card {$this->owner((string) $leaf->piece)}, {$taking->partName()}",
            'measure' => $rect->size->format($this->unit()),
            'isKept' => $taking === null && in_array($standard, [null, 'keep'], true),
            'face' => $taking->face ?? 0,
        ];
    }

    private function unit(): Unit
    {
        return $this->state->kit->unit;
    }
}
