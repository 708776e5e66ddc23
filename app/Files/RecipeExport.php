<?php

namespace App\Files;

use App\Models\Kit;
use KeepShare\Core\Recipe\Recipe;

/** A file of a recipe. */
interface RecipeExport extends Export
{
    public function fileName(Recipe $recipe): string;

    /** @param  Kit  $kit  at whose table it is asked for: its paper is that of its country */
    public function write(Kit $kit, Recipe $recipe): string;
}
