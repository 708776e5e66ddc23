<?php

namespace App\Designs;

use App\Frame\StagePage;
use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** Sketches, arrangements and folds. */
final class DesignsRoom extends WorkRoom
{
    public function pages(): array
    {
        return [
            StagePage::at('sketches', [DesignController::class, 'sketches'], 'Sketches')->in('share-out', 'share-out/compare'),
            StagePage::at('arrangements', [ArrangementController::class, 'index'], 'Arrangements')->in('share-out', 'sketches'),
            StagePage::at('folds', [DesignController::class, 'folds'], 'Folds')->in('share-out', 'arrangements'),
            StagePage::at('measures', [DesignController::class, 'measures'], 'Measures')->in('share-out', 'folds'),
            StagePage::behind('arrangements/new', [ArrangementController::class, 'create'])->in('share-out'),
            StagePage::behind('arrangements/{arrangement}/change', [ArrangementController::class, 'edit'])->in('share-out'),
            StagePage::behind('sketches/new', [SketchController::class, 'create'])->in('share-out'),
            StagePage::behind('sketches/{sketch}/change', [SketchController::class, 'edit'])->in('share-out'),
        ];
    }

    public function ofKit(): void
    {
        // It is asked for with every key. It stores nothing and must not race with the session of an act.
        Route::post('/sketches/draw', [SketchController::class, 'draw'])->withoutMiddleware(self::SESSION);
        Route::post('/arrangements/draw', [ArrangementController::class, 'draw'])->withoutMiddleware(self::SESSION);
        Route::post('/arrangements', [ArrangementController::class, 'store']);
        Route::post('/arrangements/{arrangement}', [ArrangementController::class, 'update']);
        Route::delete('/arrangements/{arrangement}', [ArrangementController::class, 'destroy']);
        Route::post('/sketches', [SketchController::class, 'store']);
        Route::post('/sketches/{sketch}', [SketchController::class, 'update']);
        Route::delete('/sketches/{sketch}', [SketchController::class, 'destroy']);
    }
}
