<?php

namespace App\Table;

use App\Models\OwnRecipe;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Refusal;

/**
 * All recipes: those that ship, which were computed, and the maker's own.
 *
 * @phpstan-type Broken array{key: string, name: string, why: string}
 */
final class RecipeShelf
{
    /** The beginning of the keys of the maker's own. */
    private const OWN = 'own-';

    /** @return array<string, Recipe> by key, those that can be shown */
    public static function all(): array
    {
        return self::withBroken()[0];
    }

    /** @return array{array<string, Recipe>, list<Broken>} the same, and those that cannot be shown */
    public static function withBroken(): array
    {
        [$all, $broken] = [self::shipped(), []];
        foreach (OwnRecipe::query()->orderBy('id')->get() as $own) {
            $key = self::OWN.$own->id;
            try {
                $all[$key] = $own->toCore();
            } catch (Refusal $wrong) {
                $broken[] = ['key' => $key, 'name' => $own->name, 'why' => $wrong->getMessage()];
            }
        }

        return [$all, $broken];
    }

    public static function has(string $key): bool
    {
        return str_starts_with($key, self::OWN)
            ? OwnRecipe::query()->whereKey((int) substr($key, strlen(self::OWN)))->exists()
            : isset(self::shipped()[$key]);
    }

    public static function find(string $key): Recipe
    {
        $own = self::own($key);

        return $own === null ? self::shipped()[$key] ?? abort(404) : $own->toCore();
    }

    /** The record of one of the maker's own. */
    public static function own(string $key): ?OwnRecipe
    {
        return str_starts_with($key, self::OWN) ? OwnRecipe::query()->findOrFail((int) substr($key, strlen(self::OWN))) : null;
    }

    /** @return array<string, Recipe> by the name of their file */
    private static function shipped(): array
    {
        /** @var array<string, Recipe>|null $shipped */
        static $shipped = null;
        if ($shipped === null) {
            $shipped = [];
            foreach (glob(resource_path('recipes/*.json')) ?: [] as $file) {
                $shipped[basename($file, '.json')] = ReadRecipe::read((string) file_get_contents($file));
            }
        }

        return $shipped;
    }
}
