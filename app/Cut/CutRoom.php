<?php

namespace App\Cut;

use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Wording\Wording;
use Illuminate\Support\Facades\Route;

/** The sheets, cut in order. */
final class CutRoom extends WorkRoom implements Stage
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
        ];
    }

    public function counts(Kit $kit): array
    {
        // Parts of a begun sheet are one line with the sheet they were cut from.
        $lines = CutPlan::for($kit)->join('sheets as lines', 'lines.id', '=', 'cut_plans.sheet_id')
            ->selectRaw('count(distinct coalesce(lines.in_hand_id, lines.id))');

        return ['sheets' => $lines, 'open' => $lines->clone()->whereNull('cut_at')];
    }

    public function figure(Kit $kit, array $counted): string
    {
        return sprintf('%d of %s', $counted['sheets'] - $counted['open'], Wording::plural($counted['sheets'], 'sheet'));
    }

    public function isOfStash(): bool
    {
        return false;
    }

    public function exports(): array
    {
        return [new BagLabels, new SheetPdf, new SheetSvg];
    }

    public function ofKit(): void
    {
        Route::post('/cut/better', [CutController::class, 'better']);
        Route::post('/cut/better/stop', [CutController::class, 'stop']);
        Route::get('/cut/pieces/{taking}/spoiled', [CutController::class, 'proposePieceSpoiled']);
        Route::post('/cut/pieces/{taking}/spoiled', [CutController::class, 'pieceSpoiled']);
        Route::post('/cut/labels', [CutController::class, 'printLabels']);
        Route::post('/cut/{sheet}', [CutController::class, 'store']);
        Route::post('/cut/{sheet}/once', [CutController::class, 'once']);
        Route::post('/cut/{sheet}/motor', [CutController::class, 'motor']);
        Route::post('/cut/{sheet}/for/{card}', [CutController::class, 'forCard'])->withoutScopedBindings();
        Route::get('/cut/{sheet}/wrong', [CutController::class, 'proposeWrong']);
        Route::post('/cut/{sheet}/wrong', [CutController::class, 'wrong']);
    }
}
