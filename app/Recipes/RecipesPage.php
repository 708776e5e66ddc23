<?php

namespace App\Recipes;

use App\Models\Card;
use App\Models\Kit;
use App\Table\RecipeShelf;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use KeepShare\Core\Recipe\Recipe;

/**
 * All recipes, and the cards of this kit from which one can be saved.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type ShelvedRecipe array{key: string, name: string, about: string, isOwn: bool, fronts: list<Front>}
 * @phpstan-type CardToKeep array{id: int, number: int, sketch: string, occasion: string}
 */
final readonly class RecipesPage extends Page
{
    /** How many cards of each are shown. */
    private const SHOWN = 6;

    /**
     * @param  list<ShelvedRecipe>  $recipes
     * @param  list<array{key: string, name: string, why: string}>  $broken  saved ones that cannot be shown
     * @param  list<CardToKeep>  $cards
     * @param  Goods  $goods
     */
    private function __construct(
        public array $recipes,
        public array $broken,
        public array $cards,
        public array $goods,
        public string $usual,
    ) {
    }

    public static function of(Kit $kit): self
    {
        $recipes = $components = [];
        [$all, $broken] = RecipeShelf::withBroken();
        foreach ($all as $key => $recipe) {
            $recipes[] = self::shelved((string) $key, $recipe);
            $components += $recipe->components();
        }
        $cards = $kit->cards()->with('takings')->get()->map(static fn (Card $card): array => [
            'id' => $card->id,
            'number' => $card->number,
            'sketch' => $card->toSketch()->name,
            'occasion' => $card->occasion->label(),
        ]);

        return new self($recipes, $broken, array_values($cards->all()), GoodView::all($components), "$kit->name");
    }

    /** @return ShelvedRecipe */
    private static function shelved(string $key, Recipe $recipe): array
    {
        return [
            'key' => $key,
            'name' => $recipe->name,
            'about' => RecipeView::about($recipe),
            'isOwn' => RecipeShelf::own($key) !== null,
            'fronts' => RecipeView::fronts($recipe, self::SHOWN),
        ];
    }
}
