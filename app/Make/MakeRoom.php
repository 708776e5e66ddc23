<?php

namespace App\Make;

use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\Card;
use App\Models\Kit;
use App\Wording\Wording;
use Illuminate\Support\Facades\Route;

/** The pieces become cards: in runs, step by step. */
final class MakeRoom extends WorkRoom implements Stage
{
    public function key(): string
    {
        return 'make';
    }

    public function label(): string
    {
        return 'Make';
    }

    public function pages(): array
    {
        return [
            StagePage::at('make', [MakeController::class, 'show'], 'Runs'),
            StagePage::at('make/table', [MakeController::class, 'table'], 'At the table'),
            StagePage::behind('make/cards/{card}', [MakeController::class, 'apart']),
        ];
    }

    public function counts(Kit $kit): array
    {
        $cards = Card::query()->where('kit_id', $kit->id);

        return ['made' => $cards->clone()->selectRaw('count(made_at)'), 'cards' => $cards->selectRaw('count(*)')];
    }

    public function figure(Kit $kit, array $counted): string
    {
        return sprintf('%d of %s', $counted['made'], Wording::plural($counted['cards'], 'card'));
    }

    public function isOfStash(): bool
    {
        return false;
    }

    public function exports(): array
    {
        return [new RunsPdf, new CardSteps];
    }

    public function ofKit(): void
    {
        Route::post('/make/back', [MakeController::class, 'stepBack']);
        Route::post('/make/pace', [MakeController::class, 'forgetPace']);
        Route::post('/make/{card}', [MakeController::class, 'done']);
        Route::post('/make/{card}/mend', [MakeController::class, 'mend']);
    }
}
