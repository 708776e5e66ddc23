<?php

namespace App\Keep;

use App\Cards\BonusCards;
use App\Frame\Stage;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use App\Models\Card;
use App\Models\Kit;
use App\Wording\Wording;
use Illuminate\Support\Facades\Route;

/** What is left, and what it still gives. */
final class KeepRoom extends WorkRoom implements Stage
{
    public function __construct(private BonusCards $bonus)
    {
    }

    public function key(): string
    {
        return 'keep';
    }

    public function label(): string
    {
        return 'Keep';
    }

    public function pages(): array
    {
        return [
            StagePage::at('keep', [KeepController::class, 'show'], 'The tray'),
            StagePage::at('keep/shopping', [KeepController::class, 'shopping'], 'Shopping list'),
            StagePage::at('keep/scraps', [KeepController::class, 'scraps'], 'Scrap box'),
        ];
    }

    public function counts(Kit $kit): array
    {
        return ['cards' => Card::query()->where('kit_id', $kit->id)->selectRaw('count(*)')];
    }

    public function figure(Kit $kit, array $counted): string
    {
        if ($counted['cards'] === 0) {
            return 'everything';
        }
        $found = $this->bonus->found($kit);

        return $found === null ? 'see what is left' : Wording::plural(count($found->cards), 'bonus card');
    }

    public function isOfStash(): bool
    {
        return false;
    }

    public function exports(): array
    {
        return [new ShoppingPdf, new ShoppingText, new ShoppingCsv];
    }

    public function ofKit(): void
    {
        Route::post('/keep', [KeepController::class, 'store']);
        Route::post('/keep/apart', [KeepController::class, 'apart']);
        Route::post('/keep/stop', [KeepController::class, 'stop']);
        Route::post('/keep/price/{component}', [KeepController::class, 'price']);
        Route::post('/keep/use', [KeepController::class, 'use']);
        Route::post('/keep/gather', [KeepController::class, 'gather']);
        Route::post('/keep/put-away', [KeepController::class, 'putAway']);
        Route::get('/keep/becomes', [KeepController::class, 'becomes']);
        Route::post('/keep/take', [KeepController::class, 'take']);
        Route::post('/keep/turn', [KeepController::class, 'turn']);
        Route::post('/keep/turn/stop', [KeepController::class, 'stopTurning']);
        Route::post('/keep/turn/take', [KeepController::class, 'takeTurned']);
        Route::post('/keep/back/{sheet}', [KeepController::class, 'turnBack']);
        Route::post('/keep/throw', [KeepController::class, 'throwAway']);
        Route::post('/keep/middle/{taking}', [KeepController::class, 'cutMiddle']);
    }
}
