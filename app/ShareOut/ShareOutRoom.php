<?php

namespace App\ShareOut;

use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\Card;
use App\Models\Kit;
use App\Wording\Wording;
use Illuminate\Support\Facades\Route;

/** Which card gets what. */
final class ShareOutRoom extends WorkRoom implements Stage
{
    public function key(): string
    {
        return 'share-out';
    }

    public function label(): string
    {
        return 'Share out';
    }

    public function pages(): array
    {
        return [
            StagePage::at('share-out', [ShareOutController::class, 'show'], 'Cards'),
            StagePage::at('share-out/next', [NextCardController::class, 'show'], 'Card by card'),
            StagePage::at('share-out/compare', [ShareOutController::class, 'compare'], 'Compare'),
        ];
    }

    public function counts(Kit $kit): array
    {
        return ['cards' => Card::query()->where('kit_id', $kit->id)->selectRaw('count(*)')];
    }

    public function figure(Kit $kit, array $counted): string
    {
        return Wording::plural($counted['cards'], 'card');
    }

    public function isOfStash(): bool
    {
        return false;
    }

    public function exports(): array
    {
        return [new ShareOutJson, new ShareOutCsv, new ShareOutPdf];
    }

    public function ofKit(): void
    {
        Route::post('/share-out', [ShareOutController::class, 'store']);
        Route::post('/share-out/frontier', [ShareOutController::class, 'frontier']);
        Route::post('/share-out/stop', [ShareOutController::class, 'stop']);
        Route::post('/share-out/next', [NextCardController::class, 'store']);
        Route::post('/share-out/next/stop', [NextCardController::class, 'stop']);
        Route::post('/share-out/read', [ShareOutController::class, 'read']);
        Route::post('/share-out/keep', [ShareOutController::class, 'keep']);
        Route::prefix('/share-out/solutions/{solution}')->scopeBindings()->group(static function (): void {
            Route::post('/accept', [ShareOutController::class, 'accept']);
            Route::post('/leave', [ShareOutController::class, 'leave']);
            Route::post('/take-up', [ShareOutController::class, 'takeUp']);
            Route::post('/forget', [ShareOutController::class, 'forget']);
            Route::post('/put-back', [GridController::class, 'putBack']);
        });
        Route::prefix('/grid')->group(static function (): void {
            Route::get('/why', [GridController::class, 'why']);
            foreach (['more', 'swap', 'pin', 'use', 'move', 'add', 'duplicate', 'leaner', 'aside', 'remove', 'way'] as $act) {
                Route::post("/$act", [GridController::class, $act]);
            }
        });
        Route::post('/taste', [TasteController::class, 'store']);
        Route::post('/mute', [TasteController::class, 'mute']);
        Route::post('/sketches/enable', [TasteController::class, 'sketch']);
    }
}
