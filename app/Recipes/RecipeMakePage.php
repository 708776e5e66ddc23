<?php

namespace App\Recipes;

use App\Models\Kit;
use App\Models\RecipeMaking;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Page;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\Recipe;

/**
 * Where a recipe is computed: what it is made of, the progress, and the best so far.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type RecipeAsked array{
 *     sheets: string,
 *     sheet: string,
 *     front: string,
 *     cards: string,
 *     alike: string,
 *     papers: string,
 *     seconds: string,
 * }
 * @phpstan-type RecipeMade array{name: string, about: string, says: string, fronts: list<Front>}
 * @phpstan-type MakingNow array{isUnderWay: bool, isFault: bool, done: int, says: string}
 */
final readonly class RecipeMakePage extends Page
{
    /**
     * @param  RecipeAsked  $asked
     * @param  MakingNow|null  $making
     * @param  RecipeMade|null  $made
     * @param  Goods  $goods
     */
    private function __construct(
        public array $asked,
        public ?array $making,
        public ?array $made,
        public array $goods,
        public int $mostSeconds,
    ) {
    }

    public static function of(Kit $kit): self
    {
        $making = RecipeMaking::query()->where('kit_id', $kit->id)->latest('id')->first();
        $recipe = $making?->toCore();

        return new self(
            self::asked($kit, $making),
            $making === null ? null : self::making($making),
            $making === null || $recipe === null ? null : self::made($making, $recipe),
            $recipe === null ? [] : GoodView::all($recipe->components()),
            RecipeMaking::MOST_SECONDS,
        );
    }

    /** @return RecipeAsked as it was typed the last time, or the usual values */
    private static function asked(Kit $kit, ?RecipeMaking $making): array
    {
        $asked = $making->asked ?? [];

        return [
            'sheets' => $asked['sheets'] ?? '6',
            'sheet' => $asked['sheet'] ?? ($kit->unit === Unit::Inch ? '6 x 6' : '15 x 15 cm'),
            'front' => $asked['front'] ?? StandardFront::nameOf($kit->front(), $kit->unit),
            'cards' => $asked['cards'] ?? 'max',
            'alike' => $asked['alike'] ?? '1',
            'papers' => $asked['papers'] ?? '',
            'seconds' => (string) ($making->seconds ?? 30),
        ];
    }

    /** @return MakingNow */
    private static function making(RecipeMaking $making): array
    {
        return [
            'isUnderWay' => $making->isUnderWay(),
            'isFault' => ! $making->isUnderWay() && $making->made === null,
            'done' => $making->done,
            'says' => $making->isLeftBehind() ? 'The worker stopped unexpectedly. Start it again.' : $making->says,
        ];
    }

    /** @return RecipeMade */
    private static function made(RecipeMaking $making, Recipe $recipe): array
    {
        $sum = is_array($making->made['made'] ?? null) ? $making->made['made'] : [];
        $bound = is_int($sum['bound'] ?? null) ? $sum['bound'] : 0;
        $isProven = ($sum['proven'] ?? false) === true;

        return [
            'name' => $recipe->name,
            'about' => RecipeView::about($recipe),
            'says' => $isProven ? 'Proven: there can be no more cards.' : "By the area of the papers there can be $bound cards at most.",
            'fronts' => RecipeView::fronts($recipe),
        ];
    }
}
