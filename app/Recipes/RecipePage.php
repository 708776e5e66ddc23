<?php

namespace App\Recipes;

use App\Models\Kit;
use App\Table\RecipeShelf;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Recipe\Letter;
use KeepShare\Core\Recipe\Recipe;

/**
 * One recipe: the template of each letter, its cards, and what else is needed.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type RecipeWant from RecipeView
 * @phpstan-import-type TemplateCut from TemplateView
 * @phpstan-import-type TemplatePiece from TemplateView
 *
 * @phpstan-type RecipeTemplate array{
 *     name: string,
 *     says: string,
 *     picture: string,
 *     cuts: list<TemplateCut>,
 *     pieces: list<TemplatePiece>,
 * }
 */
final readonly class RecipePage extends Page
{
    /**
     * @param  list<RecipeTemplate>  $templates
     * @param  list<Front>  $fronts
     * @param  list<RecipeWant>  $wants
     * @param  Goods  $goods
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $about,
        public bool $isOwn,
        public array $templates,
        public array $fronts,
        public array $wants,
        public array $goods,
    ) {
    }

    public static function of(Kit $kit, string $key): self
    {
        $recipe = RecipeShelf::find($key);
        $templates = [];
        foreach ($recipe->letters as $letter) {
            foreach (array_keys($letter->plans) as $n) {
                $templates[] = self::template($kit, $key, $recipe, $letter, $n);
            }
        }

        return new self(
            $key,
            $recipe->name,
            RecipeView::about($recipe),
            RecipeShelf::own($key) !== null,
            $templates,
            RecipeView::fronts($recipe),
            RecipeView::wants($recipe),
            GoodView::all($recipe->components()),
        );
    }

    /** @return RecipeTemplate */
    private static function template(Kit $kit, string $key, Recipe $recipe, Letter $letter, int $n): array
    {
        $view = TemplateView::of($recipe, $letter, $n);
        $pieces = $view->pieces();
        $asks = "{$letter->front->says()}; back: {$letter->back->says()}";

        return [
            'name' => $view->name(),
            'says' => "{$letter->sheet()->label($recipe->unit)}, ".Wording::plural(count($pieces), 'piece').". Front: $asks.",
            'picture' => route('kits.recipes.template', [$kit, $key, $letter->letter, $n + 1], false),
            'cuts' => $view->cuts(),
            'pieces' => $pieces,
        ];
    }
}
