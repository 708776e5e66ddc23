<?php

namespace App\Card;

use App\Frame\StagePage;
use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** One card: its page, its parts, its arrangement. */
final class CardRoom extends WorkRoom
{
    public function pages(): array
    {
        return [
            StagePage::at('arrange', [ArrangeController::class, 'show'], 'Arrange')->in('share-out', 'share-out'),
            StagePage::behind('cards/{card}', [CardController::class, 'show'])->in('share-out'),
        ];
    }

    public function exports(): array
    {
        return [new CardPlan, new CardSvg];
    }

    public function ofKit(): void
    {
        Route::prefix('/cards/{card}')->scopeBindings()->group(static function (): void {
            Route::post('/waive', [CardController::class, 'waive']);
            Route::post('/sketch', [DesignCardController::class, 'sketch']);
            Route::post('/turn', [DesignCardController::class, 'turn']);
            Route::post('/frame', [DesignCardController::class, 'frame']);
            Route::post('/fold', [DesignCardController::class, 'fold']);
            Route::post('/measure', [DesignCardController::class, 'measure']);
            Route::post('/fill', [DesignCardController::class, 'fill']);
            Route::post('/quantity', [DesignCardController::class, 'quantity']);
            Route::post('/treat', [DesignCardController::class, 'treat']);
            Route::post('/copies', [DesignCardController::class, 'copies']);
            Route::post('/occasion', [DesignCardController::class, 'occasion']);
            Route::post('/keep', [DesignCardController::class, 'keep']);
            Route::post('/notes', [DesignCardController::class, 'notes']);
            Route::post('/arrange', [ArrangeController::class, 'arrange']);
            Route::post('/piece', [ArrangeController::class, 'piece']);
            Route::post('/add-piece', [ArrangeController::class, 'add']);
            Route::post('/swap-piece', [ArrangeController::class, 'swap']);
        });
        Route::post('/arrange/many', [ArrangeController::class, 'many']);
    }
}
