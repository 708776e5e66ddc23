<?php

namespace App\Http\Stages;

use App\Http\Controllers\ClassController;
use App\Http\Controllers\CutController;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Wording\Wording;
use Illuminate\Support\Collection;

/** The sheets, cut in order. */
final class CutStage implements Stage
{
    public function key(): string
    {
        return 'cut';
    }

    public function label(): string
    {
        return 'Cut';
    }

    public function pages(): array
    {
        return [
            StagePage::at('cut', [CutController::class, 'show'], 'Table'),
            StagePage::at('class', [ClassController::class, 'index'], 'For a class'),
            StagePage::behind('class/{class}/look', [ClassController::class, 'show']),
            StagePage::behind('class/{class}/pack', [ClassController::class, 'packing']),
        ];
    }

    public function figure(Kit $kit): string
    {
        $plans = CutPlan::for($kit)->with('sheet:id,in_hand_id')->get(['id', 'sheet_id', 'cut_at']);
        $sheets = $plans->groupBy(static fn (CutPlan $plan): int => $plan->lineId());
        $isDone = static fn (Collection $parts): bool => $parts->whereNull('cut_at')->isEmpty();

        return sprintf('%d of %s', $sheets->filter($isDone)->count(), Wording::plural($sheets->count(), 'sheet'));
    }

    public function isOfStash(): bool
    {
        return false;
    }
}
