<?php

namespace App\Actions;

use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Support\Collection;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;

/** Keeps the cut plans in step with what the cards take. */
final class CutPlans
{
    /**
     * Plans the sheets of these components anew; sheets that are cut already stay as they are.
     *
     * @param  array<int, int>  $components  their ids
     */
    public function refresh(array $components): void
    {
        $sheets = Sheet::query()->whereIn('component_id', $components)->where('state', SheetState::Open)->with('plan')->orderBy('id')->get();
        $takings = Taking::query()->whereIn('component_id', $components)->whereNull('sheet_id')->whereNotNull('width')->orderBy('id')->get();
        $promised = TableState::promised($takings);
        foreach ($components as $component) {
            $this->plan($component, $sheets->where('component_id', $component)->values(), $promised[Component::coreIdOf($component)] ?? []);
        }
    }

    /**
     * @param  Collection<int, Sheet>  $sheets  of the component
     * @param  list<Piece>  $pieces
     */
    private function plan(int $component, Collection $sheets, array $pieces): void
    {
        $plan = Planner::plan(array_values($sheets->map(static fn (Sheet $sheet) => $sheet->toStock())->all()), $pieces);
        if (! $plan->isComplete()) {
            throw NotEnough::of(Component::query()->findOrFail($component)->name);
        }
        $trees = [];
        foreach ($plan->sheets as $sheetPlan) {
            $trees[(int) $sheetPlan->stock->id] = $sheetPlan->toArray();
        }
        foreach ($sheets as $sheet) {
            $this->store($sheet, $trees[$sheet->id] ?? null);
        }
    }

    /** @param  array<string, mixed>|null  $tree null where the sheet stays whole */
    private function store(Sheet $sheet, ?array $tree): void
    {
        if ($sheet->plan?->tree === $tree) {
            return;
        }
        $sheet->plan?->delete();
        if ($tree !== null) {
            CutPlan::query()->create(['sheet_id' => $sheet->id, 'tree' => $tree]);
        }
    }
}
