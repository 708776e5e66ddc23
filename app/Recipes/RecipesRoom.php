<?php

namespace App\Recipes;

use App\Files\RecipeExport;
use App\Frame\Exports;
use App\Frame\StagePage;
use App\Frame\WorkRoom;
use Illuminate\Support\Facades\Route;

/** Designs of cards without their goods. */
final class RecipesRoom extends WorkRoom
{
    public function pages(): array
    {
        return [
            StagePage::at('recipes', [RecipeController::class, 'index'], 'Recipes')->in('share-out', 'arrangements'),
            StagePage::behind('recipes/make', [RecipeController::class, 'making'])->in('share-out'),
            StagePage::behind('recipes/{recipe}/look', [RecipeController::class, 'show'])->in('share-out'),
            StagePage::behind('recipes/{recipe}/lay', [RecipeController::class, 'laying'])->in('share-out'),
        ];
    }

    public function exports(): array
    {
        return [new RecipePdf, new RecipeJson];
    }

    public function ofKit(): void
    {
        foreach (Exports::of(RecipeExport::class) as $export) {
            Route::get("recipes/{recipe}/{$export->path()}", [RecipeController::class, 'file'])->defaults('export', $export::class);
        }
        Route::get('/recipes/{recipe}/templates/{letter}-{n}.svg', [RecipeController::class, 'template'])
            ->where(['letter' => '[A-Z]{1,2}', 'n' => '[0-9]{1,3}'])->name('kits.recipes.template');
        Route::post('/recipes', [RecipeController::class, 'keep']);
        Route::post('/recipes/read', [RecipeController::class, 'read']);
        Route::post('/recipes/make', [RecipeController::class, 'make']);
        Route::post('/recipes/make/stop', [RecipeController::class, 'stop']);
        Route::post('/recipes/make/keep', [RecipeController::class, 'keepMade']);
        Route::post('/recipes/{recipe}', [RecipeController::class, 'rename']);
        Route::delete('/recipes/{recipe}', [RecipeController::class, 'destroy']);
        Route::post('/recipes/{recipe}/lay', [RecipeController::class, 'lay']);
    }
}
