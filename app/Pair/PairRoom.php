<?php

namespace App\Pair;

use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\Kit;
use App\Models\Palette;
use App\Wording\Wording;
use Illuminate\Support\Facades\Route;

/** Which papers go together. */
final class PairRoom extends WorkRoom implements Stage
{
    public function key(): string
    {
        return 'pair';
    }

    public function label(): string
    {
        return 'Pair';
    }

    public function pages(): array
    {
        return [StagePage::at('pair', [PairController::class, 'show'], 'Pair')];
    }

    public function counts(Kit $kit): array
    {
        return ['palettes' => Palette::query()->where('kit_id', $kit->id)->selectRaw('count(*)')];
    }

    public function figure(Kit $kit, array $counted): string
    {
        return Wording::plural($counted['palettes'], 'palette');
    }

    public function isOfStash(): bool
    {
        return false;
    }

    public function ofKit(): void
    {
        Route::post('/palettes', [PairController::class, 'store']);
        Route::delete('/palettes/{palette}', [PairController::class, 'destroy']);
        Route::post('/palettes/{palette}/card', [PairController::class, 'draw']);
    }
}
