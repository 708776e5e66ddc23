<?php

namespace Tests\Core\Support;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\Make\Annealing;
use KeepShare\Core\Recipe\Make\Ask;
use KeepShare\Core\Recipe\Make\Made;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Sketch\Sketches;
use PHPUnit\Framework\Assert;

/** Recipes for tests: those that ship, and computed ones with a limited number of steps. */
final class Recipes
{
    public static function json(string $name = 'eighteen-from-six'): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3)."/resources/recipes/$name.json");
    }

    public static function shipped(string $name = 'eighteen-from-six'): Recipe
    {
        return ReadRecipe::read(self::json($name));
    }

    /** @param  list<string>  $sketches  their keys; all of them where there are none */
    public static function ask(
        int $sheets,
        string $sheet,
        string $front,
        ?int $cards,
        int $alike = 1,
        ?int $papers = null,
        array $sketches = [],
        Unit $unit = Unit::Inch,
    ): Ask {
        $chosen = $sketches === [] ? Sketches::all() : array_intersect_key(Sketches::all(), array_flip($sketches));

        return Ask::of(
            $sheets,
            Size::said($sheet, $unit),
            Size::said($front, $unit),
            $unit,
            $cards,
            $alike,
            $papers,
            array_values($chosen),
        );
    }

    /** @param  int  $looks  at the time: each is a few hundred steps */
    public static function made(Ask $ask, int $looks, int $seed = 1): ?Made
    {
        $look = 0;

        return Annealing::best($ask, static function () use (&$look, $looks): float {
            return $look++ / $looks;
        }, $seed);
    }

    /**
     * Cuts every sheet without knowing the search: each piece is one that a card needs, in its size, and each needed
     * piece is cut once.
     */
    public static function replay(Recipe $recipe): void
    {
        $wanted = Card::piecesOf($recipe->cards);
        foreach ($recipe->letters as $letter) {
            $own = array_column($wanted[$letter->letter] ?? [], null, 'id');
            $cut = [];
            foreach ($letter->plans as $plan) {
                $cut = [...$cut, ...Replay::of($plan, $own)];
            }
            sort($cut);
            $ids = array_keys($own);
            sort($ids);
            Assert::assertSame($ids, $cut, "every piece of $letter->letter once");
        }
    }
}
