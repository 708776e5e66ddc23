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
        $sheets = Sheet::query()->whereIn('component_id', $components)->where('state', SheetState::Open)->with('plan', 'component')->orderBy('id')->get();
        $takings = Taking::query()->whereIn('component_id', $components)->whereNull('sheet_id')->whereNotNull('width')->orderBy('id')->get();
        $promised = TableState::promised($takings);
        foreach ($sheets->groupBy('component_id') as $component => $stock) {
            $this->plan($stock, $promised[Component::coreIdOf((int) $component)] ?? []);
        }
    }

    /**
     * @param  Collection<int, Sheet>  $sheets  of one component
     * @param  list<Piece>  $pieces
     */
    private function plan(Collection $sheets, array $pieces): void
    {
        $plan = Planner::plan(array_values($sheets->map(static fn (Sheet $sheet) => $sheet->toStock())->all()), $pieces);
        if (! $plan->isComplete()) {
            throw NotEnough::of($sheets->first()->component->name ?? 'this paper');
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
