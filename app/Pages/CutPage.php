<?php

namespace App\Pages;

use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Support\Collection;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\LowerBound;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Unit;

/** Every sheet that is cut, with its cuts in order and its parts by card. */
final readonly class CutPage
{
    /** @param  Collection<int, Taking>  $takings by id */
    private function __construct(private TableState $state, private Collection $takings)
    {
    }

    /**
     * @param  int|null  $wanted  the sheet to lay in the middle, or the next that is not cut
     * @return array<string, mixed>
     */
    public static function of(Kit $kit, ?int $wanted): array
    {
        $state = TableState::of($kit);

        return (new self($state, $state->takings->keyBy('id')))->page($wanted);
    }

    /** @return array<string, mixed> */
    private function page(?int $wanted): array
    {
        $plans = KitFrame::plansOf($this->state->kit)->with('sheet.component')->get()
            ->filter(fn (CutPlan $plan): bool => $this->state->components->has($plan->sheet->component_id))
            ->sortBy(fn (CutPlan $plan): array => [(int) $this->state->components->keys()->search($plan->sheet->component_id), ! $plan->sheet->is_whole, $plan->sheet_id])
            ->values();
        $current = $plans->firstWhere('sheet_id', $wanted) ?? $plans->first(static fn (CutPlan $plan): bool => $plan->cut_at === null) ?? $plans->last();

        return [
            'sheets' => $plans->map(fn (CutPlan $plan): array => $this->entry($plan))->all(),
            'sheet' => $current === null ? null : $this->sheet($current),
            'goods' => GoodView::all($this->state->core),
            'bound' => $this->bound($plans),
            'hasCards' => $this->state->cards->isNotEmpty(),
        ];
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
        return $sheet->is_whole
            ? sprintf('sheet %d of %d', $sheet->number, $this->state->sheetsHere($sheet->component))
            : sprintf('offcut %s of sheet %d', $sheet->size()->format($this->state->kit->unit), $sheet->number);
    }

    /** @return array<string, mixed> */
    private function sheet(CutPlan $plan): array
    {
        $core = $plan->toCore();
        $turned = false;
        $cuts = [];
        foreach ($core->cuts() as $cut) {
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
        ];
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
