<?php

namespace App\Recipes;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\OwnRecipe;
use App\Models\RecipeMaking;
use App\Table\TableState;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Recipe\KeepRecipe;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\RecipeFile;

/** Adds recipes and removes them: saved from a share-out, read from a file, computed. */
final readonly class KeepRecipes
{
    public function __construct(private Journal $journal)
    {
    }

    /**
     * @param  list<int>  $cards  ids of those that are kept; none for all
     *
     * @throws BadKit where no card is left of them
     */
    public function ofShareOut(Kit $kit, array $cards, string $name, int $revision): OwnRecipe
    {
        $state = TableState::of($kit);
        $chosen = $cards === [] ? $state->cards : $state->cards->only($cards);
        if ($chosen->isEmpty()) {
            throw BadKit::at('', 'Choose a card at least: a recipe is made of cards.');
        }
        $recipe = KeepRecipe::of(
            $name,
            $kit->unit,
            array_values($chosen->map(static fn (Card $card) => $card->toCore())->all()),
            $state->core,
            self::plans($kit),
        );

        return $this->keep($kit, $recipe, "Save the recipe \"$name\"", $revision);
    }

    /** @throws BadKit with the place and the reason */
    public function fromFile(Kit $kit, string $json, int $revision): OwnRecipe
    {
        $recipe = ReadRecipe::read($json);

        return $this->keep($kit, $recipe, "Read the recipe \"$recipe->name\"", $revision);
    }

    public function computed(Kit $kit, RecipeMaking $making, string $name, int $revision): OwnRecipe
    {
        $recipe = $making->toCore() ?? throw BadKit::at('', 'Nothing was found that could be saved.');

        return $this->keep($kit, $recipe->named($name), "Save the recipe \"$name\"", $revision);
    }

    public function rename(Kit $kit, OwnRecipe $recipe, string $name, int $revision): void
    {
        $this->journal->act($kit, "Call a recipe \"$name\"", $revision, static fn () => $recipe->update(['name' => $name]));
    }

    public function throwAway(Kit $kit, OwnRecipe $recipe, int $revision): void
    {
        $this->journal->act($kit, "Delete the recipe \"$recipe->name\"", $revision, static fn () => $recipe->delete());
    }

    private function keep(Kit $kit, Recipe $recipe, string $act, int $revision): OwnRecipe
    {
        $written = RecipeFile::write($recipe);
        // What cannot be read again is not saved.
        ReadRecipe::written($written);

        return $this->journal->act($kit, $act, $revision, static fn (): OwnRecipe => OwnRecipe::query()->create([
            'kit_id' => $kit->id,
            'name' => $recipe->name,
            'definition' => $written,
        ]));
    }

    /** @return array<string, list<SheetPlan>> how the sheets are to be cut, by component */
    private static function plans(Kit $kit): array
    {
        $plans = [];
        $open = CutPlan::for($kit)->whereNull('cut_at')->with('sheet')->get();
        foreach ($open as $plan) {
            $plans["c{$plan->sheet->component_id}"][] = $plan->toCore();
        }

        return $plans;
    }
}
