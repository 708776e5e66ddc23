<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Support\Collection;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\LowerBound;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Part;

/** Every sheet that is cut, with its cuts in order and its parts by card. */
final readonly class CutPage
{
    /**
     * @param  Collection<int, Taking>  $takings by id
     * @param  list<string>|null  $only  ids of the takings that are cut for; null for all
     */
    private function __construct(private TableState $state, private Collection $takings, private ?array $only)
    {
    }

    /**
     * @param  int|null  $wanted  the sheet to lay in the middle, or the next that is not cut
     * @param  Card|null  $card  where only one card is cut for
     * @return array<string, mixed>
     */
    public static function of(Kit $kit, ?int $wanted, ?Card $card = null): array
    {
        $state = TableState::of($kit);
        $only = $card === null ? null : array_values($state->takings->where('card_id', $card->id)->map(static fn (Taking $taking): string => (string) $taking->id)->all());

        return [...(new self($state, $state->takings->keyBy('id'), $only))->page($wanted), 'card' => $card?->id];
    }

    /** What a piece is for: "card 4, strip". */
    public static function labelOf(Kit $kit, int $taking): string
    {
        $found = Taking::query()->with('card.kit')->find($taking);

        return $found === null ? '?' : ($found->card->kit_id === $kit->id ? '' : "{$found->card->kit->name} ")."card {$found->card->number}, {$found->partName()}";
    }

    /** @return array<string, mixed> */
    private function page(?int $wanted): array
    {
        $plans = KitFrame::plansOf($this->state->kit)->with('sheet.component')->get()
            ->filter(fn (CutPlan $plan): bool => $this->state->components->has($plan->sheet->component_id) && ($this->only === null || ($plan->cut_at === null && $this->isWanted($plan->toCore()->root))))
            ->sortBy(fn (CutPlan $plan): array => [(int) $this->state->components->keys()->search($plan->sheet->component_id), ! ($plan->sheet->is_whole || $plan->sheet->in_hand_id !== null), $plan->sheet->in_hand_id ?? $plan->sheet_id, $plan->sheet_id])
            ->values();
        // A sheet with the parts of it that are in hand is one line; the part to cut next stands for it.
        $lines = $plans->groupBy(static fn (CutPlan $plan): int => $plan->sheet->in_hand_id ?? $plan->sheet_id)->values();
        $begun = $plans->first(static fn (CutPlan $plan): bool => $plan->cut_at === null && $plan->sheet->in_hand_id !== null);
        $current = $plans->firstWhere('sheet_id', $wanted) ?? $begun ?? $plans->first(static fn (CutPlan $plan): bool => $plan->cut_at === null) ?? $plans->last();

        return [
            'sheets' => $lines->map(fn (Collection $parts): array => $this->line($parts))->all(),
            'sheet' => $current === null ? null : $this->sheet($current),
            'bags' => $this->bags(),
            'goods' => GoodView::all($this->state->core),
            'bound' => $this->bound($plans),
            'hasCards' => $this->state->cards->isNotEmpty(),
        ];
    }

    /**
     * @param  Collection<int, CutPlan>  $parts  the plan of a sheet and of its parts in hand
     * @return array<string, mixed>
     */
    private function line(Collection $parts): array
    {
        $next = $parts->first(static fn (CutPlan $plan): bool => $plan->cut_at === null) ?? $parts->firstOrFail();
        $isBegun = $parts->contains(static fn (CutPlan $plan): bool => $plan->cut_at !== null);

        return [...$this->entry($next), 'isBegun' => $isBegun && $next->cut_at === null];
    }

    /** @return list<array<string, mixed>> the pieces of each card, cut and still to cut */
    private function bags(): array
    {
        return array_values($this->state->cards->map(function (Card $card): array {
            $pieces = $this->state->takings->where('card_id', $card->id)->whereNotNull('width');

            return [
                'card' => $card->id,
                'number' => $card->number,
                'all' => $pieces->count(),
                'cut' => array_values($pieces->whereNotNull('sheet_id')->map(fn (Taking $taking): array => ['id' => $taking->id, 'part' => $taking->partName(), 'size' => $taking->size()?->format($this->unit()) ?? ''])->all()),
            ];
        })->all());
    }

    /** @return array<string, mixed> */
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
            : sprintf('offcut %s of sheet %d', $sheet->size()->format($this->state->kit->unit), $sheet->number);
    }

    /** @return array<string, mixed> */
    private function sheet(CutPlan $plan): array
    {
        $core = $plan->toCore();
        $turned = false;
        $cuts = [];
        foreach ($core->cuts() as $cut) {
            if (! $this->isWanted($cut->split)) {
                continue;
            }
            $quarter = $cut->direction() === Direction::Down;
            $cuts[] = $this->cut($cut, $quarter !== $turned);
            $turned = $quarter;
        }

        return [
            ...$this->entry($plan),
            'size' => GoodView::size($core->stock->size),
            'measure' => $core->stock->size->label($this->unit()),
            'parts' => array_map($this->part(...), $core->leaves()),
            'cuts' => $cuts,
            'settings' => $core->settings(),
            'isPart' => $plan->sheet->in_hand_id !== null,
            'blemishes' => array_map(static fn (Rect $at): array => ['x' => $at->x->units, 'y' => $at->y->units, ...GoodView::size($at->size)], $plan->sheet->blemishes()),
            'afterwards' => array_values(array_filter(array_map($this->afterwards(...), $core->pieces()))),
        ];
    }

    /** Whether a part holds a piece that is cut for. */
    private function isWanted(Node $part): bool
    {
        return $this->only === null || array_intersect($part->pieces(), $this->only) !== [];
    }

    /** What is done to a piece when the straight cuts are made: circles, openings, fishtails. */
    private function afterwards(Leaf $leaf): ?string
    {
        $taking = $this->takings->get((int) $leaf->piece);
        if ($taking?->part === FocalPart::ID && $this->isWanted($leaf)) {
            $die = $this->state->takings->where('card_id', $taking->card_id)->firstWhere('part', DiePart::ID);

            return $die === null ? null : sprintf('Card %s, focal point: cut it with %s.', $this->owner((string) $leaf->piece), lcfirst($this->state->nameOf($die->component_id)));
        }
        $part = $taking === null ? null : array_values(array_filter($taking->card->toSketch()->parts, static fn (Part $part): bool => $part->id === $taking->part))[0] ?? null;
        if ($taking === null || $part === null || $part->form->kind === FormKind::Plain || ! $this->isWanted($leaf)) {
            return null;
        }
        $card = $taking->card->loadMissing('takings')->toCore();
        $done = $part->form->afterwards($leaf->rect()->size, $card->lengthsOf($part, $card->layout($this->unit()), $this->unit()), $this->unit());

        return $done === null ? null : sprintf('Card %s, %s: %s.', $this->owner((string) $leaf->piece), $taking->partName(), $done);
    }

    /** @return array<string, mixed> */
    private function cut(Cut $cut, bool $turn): array
    {
        $part = $cut->part();
        $isDown = $cut->direction() === Direction::Down;
        $x = $part->x->units + ($isDown ? $cut->at()->units : 0);
        $y = $part->y->units + ($isDown ? 0 : $cut->at()->units);

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
            'line' => [
                'x1' => $x,
                'y1' => $y,
                'x2' => $isDown ? $x : $part->right()->units,
                'y2' => $isDown ? $part->bottom()->units : $y,
            ],
        ];
    }

    /** What to write on the back of a part that is done. */
    private function freed(Node $node, string $which): ?string
    {
        if (! $node instanceof Leaf) {
            return null;
        }

        return $node->piece === null ? "$which: keep." : sprintf('%s: write %s on its back.', $which, $this->owner($node->piece));
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

    /** @return array<string, mixed> */
    private function part(Leaf $leaf): array
    {
        $rect = $leaf->rect();
        $taking = $leaf->piece === null ? null : $this->takings->get((int) $leaf->piece);

        return [
            'x' => $rect->x->units,
            'y' => $rect->y->units,
            ...GoodView::size($rect->size),
            'label' => $taking === null ? 'keep' : sprintf('card %s, %s', $this->owner((string) $leaf->piece), $taking->partName()),
            'measure' => $rect->size->format($this->unit()),
            'isKept' => $taking === null,
            'face' => $taking->face ?? 0,
        ];
    }

    /**
     * How near the plan is to the least number of sheets.
     *
     * @param  Collection<int, CutPlan>  $plans
     * @return array{opened: int, least: int}
     */
    private function bound(Collection $plans): array
    {
        $whole = $plans->filter(static fn (CutPlan $plan): bool => $plan->sheet->is_whole);
        $least = $whole->whereNotNull('cut_at')->count();
        $promised = TableState::promised($this->state->takings);
        foreach ($this->state->sheets->where('state', SheetState::Open)->groupBy('component_id') as $component => $sheets) {
            /** @var list<Stock> $stock */
            $stock = array_values($sheets->map(static fn (Sheet $sheet): Stock => $sheet->toStock())->all());
            /** @var list<Piece> $pieces */
            $pieces = $promised[Component::coreIdOf((int) $component)] ?? [];
            $least += $plans->contains(static fn (CutPlan $plan): bool => $plan->sheet->component_id === $component) ? LowerBound::sheets($stock, $pieces) : 0;
        }

        return ['opened' => $whole->count(), 'least' => $least];
    }

    private function unit(): Unit
    {
        return $this->state->kit->unit;
    }
}
