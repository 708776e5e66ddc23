<?php

namespace App\Recipes;

use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\RecipeExport;
use App\Models\Kit;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\RecipeFile;

/** To be handed on, and read again. */
final class RecipeJson implements RecipeExport
{
    public function path(): string
    {
        return 'recipe.json';
    }

    public function label(): string
    {
        return 'Save as a file';
    }

    public function media(): Media
    {
        return Media::Json;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Recipe;
    }

    public function fileName(Recipe $recipe): string
    {
        return Slug::unique($recipe->name, []).'.json';
    }

    public function write(Kit $kit, Recipe $recipe): string
    {
        return RecipeFile::json($recipe);
    }
}
