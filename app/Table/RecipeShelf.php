<?php

namespace App\Table;

use App\Models\OwnRecipe;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Refusal;

/** All recipes: those that ship, which were computed, and the maker's own. */
final class RecipeShelf
{
    /** The beginning of the keys of the maker's own. */
    private const OWN = 'own-';

    /** @return array<string, Recipe> by key, those that can be shown */
    public static function all(): array
    {
        return [...self::shipped(), ...array_filter(self::read(), static fn (Recipe|string $one): bool => $one instanceof Recipe)];
    }

    /** @return array<string, string> why one of the maker's own cannot be shown, by key */
    public static function unreadable(): array
    {
        return array_filter(self::read(), is_string(...));
    }

    /** @return array<string, Recipe|string> the maker's own by key, or what is wrong with it */
    private static function read(): array
    {
        $read = [];
        foreach (OwnRecipe::query()->orderBy('id')->get() as $own) {
            try {
                $read[self::OWN.$own->id] = $own->toCore();
            } catch (Refusal $wrong) {
                $read[self::OWN.$own->id] = $wrong->getMessage();
            }
        }

        return $read;
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
