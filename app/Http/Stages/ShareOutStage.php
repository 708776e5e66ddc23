<?php

namespace App\Http\Stages;

use App\Http\Controllers\ArrangeController;
use App\Http\Controllers\ArrangementController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\DesignController;
use App\Http\Controllers\NextCardController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\ShareOutController;
use App\Http\Controllers\SketchController;
use App\Models\Kit;
use App\Wording\Wording;

/** Which card gets what. */
final class ShareOutStage implements Stage
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
            StagePage::at('arrange', [ArrangeController::class, 'show'], 'Arrange'),
            StagePage::at('share-out/next', [NextCardController::class, 'show'], 'Card by card'),
            StagePage::at('share-out/compare', [ShareOutController::class, 'compare'], 'Compare'),
            StagePage::at('sketches', [DesignController::class, 'sketches'], 'Sketches'),
            StagePage::at('arrangements', [ArrangementController::class, 'index'], 'Arrangements'),
            StagePage::at('recipes', [RecipeController::class, 'index'], 'Recipes'),
            StagePage::at('folds', [DesignController::class, 'folds'], 'Folds'),
            StagePage::at('measures', [DesignController::class, 'measures'], 'Measures'),
            StagePage::behind('recipes/make', [RecipeController::class, 'making']),
            StagePage::behind('recipes/{recipe}/look', [RecipeController::class, 'show']),
            StagePage::behind('recipes/{recipe}/lay', [RecipeController::class, 'laying']),
            StagePage::behind('cards/{card}', [CardController::class, 'show']),
            StagePage::behind('arrangements/new', [ArrangementController::class, 'create']),
            StagePage::behind('arrangements/{arrangement}/change', [ArrangementController::class, 'edit']),
            StagePage::behind('sketches/new', [SketchController::class, 'create']),
            StagePage::behind('sketches/{sketch}/change', [SketchController::class, 'edit']),
        ];
    }

    public function figure(Kit $kit): string
    {
        return Wording::plural($kit->cards()->count(), 'card');
    }

    public function isOfStash(): bool
    {
        return false;
    }
}
