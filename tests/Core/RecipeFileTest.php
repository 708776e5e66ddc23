<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Recipe\KeepRecipe;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\RecipeFile;
use KeepShare\Core\Recipe\StockRole;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Recipes;

/** Recipes as files: saved from a share-out, written, read back, refused. */
final class RecipeFileTest extends TestCase
{
    private static function example(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/recipe.example.json');
    }

    /** @return array<string, array{Recipe}> */
    public static function recipes(): array
    {
        return [
            'eighteen from six' => [Recipes::shipped()],
            'nine from four' => [Recipes::shipped('nine-from-four')],
            'ten from one' => [Recipes::shipped('ten-from-one')],
            'written by hand' => [ReadRecipe::read(self::example())],
            'kept of a share-out' => [self::kept('harbour-lanterns')],
            'kept of a metric one' => [self::kept('knitted-hills')],
        ];
    }

    private static function kept(string $kit): Recipe
    {
        $table = Inventory::unpacked(Kits::demo($kit))->under(Preferences::cards(6)->lined(true));

        return KeepRecipe::of('Kept', $table->unit, ShareOut::of($table)->cards, $table->components);
    }

    #[DataProvider('recipes')]
    public function test_what_is_written_is_read_back_as_it_was(Recipe $recipe): void
    {
        $json = RecipeFile::json($recipe);

        self::assertSame($json, RecipeFile::json(ReadRecipe::read($json)));
        self::assertEquals($recipe->cards, ReadRecipe::read($json)->cards);
        Recipes::replay($recipe);
        $schema = (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/recipe.schema.json');
        self::assertTrue((new Validator)->validate(json_decode($json), $schema)->isValid());
    }

    public function test_those_that_ship_waste_next_to_nothing(): void
    {
        self::assertSame([18, 6], [count(Recipes::shipped()->cards), Recipes::shipped()->sheets()]);
        self::assertGreaterThanOrEqual(9_700, Recipes::shipped()->usedIn10000());
        self::assertSame([9, 4], [count(Recipes::shipped('nine-from-four')->cards), Recipes::shipped('nine-from-four')->sheets()]);
        self::assertGreaterThanOrEqual(9_700, Recipes::shipped('nine-from-four')->usedIn10000());
        self::assertSame(1, Recipes::shipped('ten-from-one')->sheets());
        self::assertGreaterThanOrEqual(9_700, Recipes::shipped('ten-from-one')->usedIn10000());
    }

    public function test_a_share_out_is_kept_without_its_goods(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(6));
        $cards = ShareOut::of($table)->cards;
        $recipe = KeepRecipe::of('Kept', $table->unit, $cards, $table->components);

        self::assertCount(6, $recipe->cards);
        foreach ($recipe->cards as $n => $card) {
            self::assertSame($cards[$n]->sketch->manner, $card->sketch->manner);
            foreach ($card->takings as $taking) {
                $isPaper = $recipe->letter($taking->component) !== null;
                self::assertTrue($isPaper || StockRole::tryFrom($taking->component) !== null, $taking->component);
                self::assertNotNull($taking->size, 'nothing but what is cut');
            }
        }
        foreach ($recipe->letters as $letter) {
            self::assertMatchesRegularExpression('/^[A-Z]$/', $letter->letter);
        }
    }

    public function test_some_cards_of_a_recipe_leave_the_pieces_of_the_others_whole(): void
    {
        $all = Recipes::shipped();
        $few = $all->only([1, 4]);

        self::assertSame([1, 4], array_map(static fn (Card $card): int => $card->number, $few->cards));
        Recipes::replay($few);
        self::assertLessThan($all->usedIn10000(), $few->usedIn10000());
    }

    public function test_changed_measures_of_a_sketch_have_a_key(): void
    {
        foreach (Recipes::shipped()->cards as $card) {
            self::assertEquals($card->sketch, Sketches::manner($card->sketch->manner));
        }
        self::assertNull(Sketches::manner('two-bands~upper-band wide -9'), 'further than it gives');
        self::assertNull(Sketches::manner('no-such-sketch'));
    }

    /** @return array<string, array{string, string, string}> what is put in place of what, and the place that is named */
    public static function faults(): array
    {
        return [
            'no letter' => ['"lower": "B"', '"lower": "C"', 'cards[0].papers.lower'],
            'a paper left out' => ['"upper": "A",', '', 'cards[0].papers.upper'],
            'a sketch that does not ship' => ['"seam-strip"', '"seem-strip"', 'cards[0].sketch'],
            'a piece too small' => ['"3 1/4"', '"3"', 'letters[0].cuts[0]'],
            'a cut beside the sheet' => ['"at": "4"', '"at": "7"', 'letters[0].cuts[0].at'],
            'a piece of no card' => ['"1/upper"', '"9/upper"', 'letters[0].cuts[0]'],
            'a piece that is not cut' => ['"piece": "1/upper"', '"scrap": true', 'letters[0].cuts'],
            'too few sheets' => ['"sheets": 1', '"sheets": 0', 'letters[1].sheets'],
            'an unknown field' => ['"occasion": "birthday",', '"occasion": "birthday", "glitter": true,', 'cards[0].glitter'],
            'two of one number' => ['"number": 2', '"number": 1', 'cards[1].number'],
            'an unknown stock' => ['"dark-mat"', '"velvet"', 'cards[0].cardstock.strip'],
            'a letter twice' => ['"letter": "B"', '"letter": "A"', 'letters[1].letter'],
            'no JSON' => ['"format"', 'format', 'This is not a JSON file'],
            'another version' => ['"version": 1', '"version": 2', 'version'],
        ];
    }

    #[DataProvider('faults')]
    public function test_a_bad_one_is_refused_with_the_place(string $what, string $with, string $place): void
    {
        $json = preg_replace('/'.preg_quote($what, '/').'/', $with, self::example(), 1);
        try {
            ReadRecipe::read((string) $json);
            self::fail('It was read.');
        } catch (BadKit $wrong) {
            self::assertTrue(str_starts_with($wrong->getMessage(), $place), $wrong->getMessage());
        }
    }
}
