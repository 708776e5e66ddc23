<?php

namespace App\Tally;

use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\Card;
use App\Models\Kit;
use Illuminate\Support\Facades\Route;
use KeepShare\Core\Kit\Price;

/** What the kit gave. */
final class TallyRoom extends WorkRoom implements Stage
{
    public function key(): string
    {
        return 'tally';
    }

    public function label(): string
    {
        return 'Tally';
    }

    public function pages(): array
    {
        return [
            StagePage::at('tally', [TallyController::class, 'show'], 'Tally'),
            StagePage::at('tally/cards', [RecordController::class, 'show'], 'The cards'),
            StagePage::at('tally/materials', [MaterialsController::class, 'show'], 'Materials'),
        ];
    }

    public function counts(Kit $kit): array
    {
        return ['cards' => Card::query()->where('kit_id', $kit->id)->selectRaw('count(*)')];
    }

    public function figure(Kit $kit, array $counted): string|Price
    {
        return $counted['cards'] === 0 ? 'no cards yet' : KitsGave::each($kit, $counted['cards']) ?? '';
    }

    public function isOfStash(): bool
    {
        return false;
    }

    public function exports(): array
    {
        return [new AllFacesSvg, new AllFacesPdf, new RecordJson];
    }

    public function aboveKits(): void
    {
        Route::get('/gave', [TallyController::class, 'all'])->name('gave');
        Route::get('/cards', [RecordController::class, 'all'])->name('cards');
        Route::get('/card-photos/{photo}.jpg', [RecordController::class, 'photo'])->name('card-photos.show');
    }

    public function ofKit(): void
    {
        Route::post('/tally/record', [RecordController::class, 'read']);
        Route::post('/tally/cards/{card}', [RecordController::class, 'store'])->scopeBindings();
        Route::post('/tally/cards/{card}/photo', [RecordController::class, 'keepPhoto'])->scopeBindings();
        Route::delete('/tally/cards/{card}/photo', [RecordController::class, 'dropPhoto'])->scopeBindings();
        Route::post('/tally/stash-price', [TallyController::class, 'price']);
        Route::get('/tally/materials.md', [MaterialsController::class, 'markdown']);
        Route::get('/tally/materials.txt', [MaterialsController::class, 'text']);
        Route::get('/tally/materials.pdf', [MaterialsController::class, 'pdf']);
    }
}
