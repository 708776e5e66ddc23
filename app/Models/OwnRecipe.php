<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;

/**
 * A recipe the maker has saved. Changes are in the journal of the kit where it was saved, and every kit may use it.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property array<string, mixed> $definition as RecipeFile writes it
 */
final class OwnRecipe extends Record implements OfKit
{
    use Journalled;

    protected $table = 'recipes';

    protected $guarded = [];

    protected $casts = ['definition' => 'array'];

    public function toCore(): Recipe
    {
        return ReadRecipe::written($this->definition)->named($this->name);
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
