<?php

namespace Tests\Feature\Recipes;

use App\Cutting\CutPlans;
use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\OwnRecipe;
use App\Models\RecipeMaking;
use App\Models\Sheet;
use App\Models\SolveState;
use App\Recipes\MakeRecipe;
use App\Recipes\RecipeView;
use App\Table\RecipeShelf;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Queue;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\RecipeFile;
use Tests\Core\Support\Recipes;
use Tests\Feature\FeatureTestCase;

/** Recipes at the table: saved, passed on, used, computed. */
final class RecipeTest extends FeatureTestCase
{
    private function orchard(): Kit
    {
        $this->harbour();
        $kit = Kit::query()->where('name', 'Windfall Orchard')->firstOrFail();
        $this->busyWorker($kit);

        return $kit;
    }

    public function test_a_recipe_that_cannot_be_shown_takes_no_page_with_it_and_can_be_deleted(): void
    {
        $kit = $this->harbour();
        $broken = OwnRecipe::query()->create(['kit_id' => $kit->id, 'name' => 'Torn', 'definition' => ['format' => 'keepshare/recipe']]);
        $props = $this->props("/kits/$kit->id/recipes");
        self::assertSame(["own-$broken->id"], array_column($props['broken'], 'key'));
        self::assertSame(['Torn'], array_column($props['broken'], 'name'));
        self::assertNotEmpty($props['recipes']);
        $this->get("/kits/$kit->id/class")->assertOk();
        $this->delete("/kits/$kit->id/recipes/own-$broken->id", ['revision' => $kit->fresh()?->revision])->assertSessionHasNoErrors();
        self::assertSame([], $this->props("/kits/$kit->id/recipes")['broken']);
    }

    public function test_a_share_out_is_kept_handed_on_and_laid_on_another_kit(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 5);
        $this->act($kit, 'recipes', ['name' => 'Five from the harbour', 'cards' => ''])->assertSessionHasNoErrors();
        $own = OwnRecipe::query()->firstOrFail();
        $page = $this->props("/kits/$kit->id/recipes/own-$own->id/look");
        self::assertSame(['Five from the harbour', 5, true], [$page['name'], count($page['fronts']), $page['isOwn']]);

        $json = (string) $this->get("/kits/$kit->id/recipes/own-$own->id/recipe.json")->assertOk()->getContent();
        self::assertSame($json, RecipeFile::json(ReadRecipe::read($json)));

        $other = $this->orchard();
        $file = UploadedFile::fake()->createWithContent('handed-on.json', $json);
        $this->act($other, 'recipes/read', ['recipe' => $file])->assertSessionHasNoErrors();
        $read = OwnRecipe::query()->latest('id')->firstOrFail();
        self::assertEquals($own->definition, $read->definition);

        $laying = $this->props("/kits/$other->id/recipes/own-$read->id/lay?stash=1");
        self::assertSame(5, count($laying['cards']) + count($laying['falls']));
        self::assertSame(0, $other->cards()->count(), 'nothing is laid by looking');
        $this->act($other, "recipes/own-$read->id/lay", ['letters' => $laying['chosen'], 'stash' => '1'])->assertSessionHasNoErrors();
        self::assertSame(count($laying['cards']), $other->cards()->count());
        $this->assertInBalance($other, true);

        $this->act($other, 'undo')->assertSessionHasNoErrors();
        self::assertSame(0, $other->cards()->count());
        self::assertSame(0, CutPlan::for($other)->count());
    }

    public function test_the_six_sheets_are_cut_to_the_last_strip(): void
    {
        $kit = $this->orchard();
        $laying = $this->props("/kits/$kit->id/recipes/eighteen-from-six/lay?stash=1");
        self::assertMatchesRegularExpression('/^(Proven|The best)/', $laying['how']);
        $this->act($kit, 'recipes/eighteen-from-six/lay', ['letters' => $laying['chosen'], 'stash' => '1'])->assertSessionHasNoErrors();

        $papers = Component::query()->whereIn('id', $this->lettersOf($laying))->get();
        self::assertCount(6, $papers);
        $this->assertInBalance($kit, true);
        foreach ($papers as $paper) {
            $wanted = Card::query()->where('kit_id', $kit->id)->with('takings')->get()
                ->flatMap(static fn (Card $card) => $card->takings->where('component_id', $paper->id)->where('width', '!=', null));
            self::assertSame([], app(CutPlans::class)->refresh([$paper->id => $paper->id]), "$paper->name gives all its pieces");
            $plan = CutPlan::query()->whereHas('sheet', static fn ($sheet) => $sheet->where('component_id', $paper->id))->get();
            self::assertSame($wanted->count(), $plan->sum(static fn (CutPlan $one): int => count($one->toCore()->pieces())));
        }
    }

    /**
     * @param  array<string, mixed>  $laying
     * @return list<int>
     */
    private function lettersOf(array $laying): array
    {
        preg_match_all('/c(\d+)\//', $laying['chosen'], $found);

        return array_map(intval(...), $found[1]);
    }

    public function test_the_letter_of_a_paper_stands_where_no_paper_lies_on_it(): void
    {
        foreach (array_keys(RecipeShelf::all()) as $key) {
            foreach (RecipeView::fronts(RecipeShelf::find($key)) as $front) {
                $at = [];
                foreach ($front['marks'] as $mark) {
                    if ($mark['kind'] === 'words' && $mark['role'] === 'letter') {
                        $at[] = "{$mark['x']}/{$mark['y']}";
                    }
                }
                self::assertNotSame([], $at, 'a card has papers');
                self::assertSame(array_unique($at), $at, "$key, card {$front['number']}");
            }
        }
    }

    public function test_another_paper_for_a_letter_is_laid_as_it_is_shown(): void
    {
        $kit = $this->orchard();
        $best = $this->props("/kits/$kit->id/recipes/ten-from-one/lay?stash=0");
        $second = $best['letters'][0]['choices'][count($best['letters'][0]['choices']) - 1];
        $shown = $this->props("/kits/$kit->id/recipes/ten-from-one/lay?stash=0&letters=".urlencode($second['letters']));

        self::assertSame($second['letters'], $shown['chosen']);
        self::assertStringStartsWith('Your choice', $shown['how']);
        $this->act($kit, 'recipes/ten-from-one/lay', ['letters' => $shown['chosen'], 'stash' => '0'])->assertSessionHasNoErrors();
        $taken = Card::query()->where('kit_id', $kit->id)->with('takings.component')->get()
            ->flatMap(static fn (Card $card) => $card->takings->pluck('component'))
            ->where('kind.value', 'paper');
        self::assertContains(Component::idOfCore($second['paper']['component']), $taken->pluck('id')->all());
    }

    public function test_papers_of_another_kit_come_into_this_one_with_their_sheets(): void
    {
        $kit = $this->orchard();
        $from = $this->harbour();
        $sheets = Sheet::query()->count();
        $url = "recipes/eighteen-from-six/lay?stash=0&kits=$from->id";
        $laying = $this->props("/kits/$kit->id/$url");
        $foreign = Component::query()->whereKey($this->lettersOf($laying))->where('kit_id', $from->id)->get();
        self::assertNotEmpty($foreign, 'one of the twelve papers of the other kit goes better');
        $there = $this->sheetsOf($foreign->modelKeys());
        $this->act($kit, 'recipes/eighteen-from-six/lay', [
            'letters' => $laying['chosen'],
            'stash' => '0',
            'kits' => (string) $from->id,
        ])->assertSessionHasNoErrors();

        self::assertSame($sheets, Sheet::query()->count(), 'no sheet is made, and none is lost');
        foreach ($foreign as $paper) {
            $twin = Component::query()->where(['kit_id' => $kit->id, 'name' => $paper->name])->firstOrFail();
            self::assertSame(1, Sheet::query()->where('component_id', $twin->id)->count());
        }
        $this->assertInBalance($kit, true);
        $this->assertInBalance($from, true);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(0, $kit->cards()->count());
        self::assertSame($there, $this->sheetsOf($foreign->modelKeys()), 'its sheets are back');
    }

    /**
     * @param  array<mixed>  $papers  ids
     * @return list<int>
     */
    private function sheetsOf(array $papers): array
    {
        return array_values(Sheet::query()->whereIn('component_id', $papers)->orderBy('id')->pluck('id')->all());
    }

    public function test_what_is_missing_is_said_before_anything_is_made(): void
    {
        $kit = $this->orchard();
        $few = $this->props("/kits/$kit->id/recipes/eighteen-from-six/lay?stash=0");
        self::assertNotSame([], [...$few['lacks'], ...$few['falls']]);

        $empty = Kit::query()->create([
            'name' => 'Bare',
            'unit' => 'in',
            'front_width' => 863_600,
            'front_height' => 1_117_600,
            'promised' => 5,
            'wishes' => [],
            'muted' => [],
            'wanted' => [],
            'designs' => [],
        ]);
        $none = $this->props("/kits/$empty->id/recipes/eighteen-from-six/lay");
        self::assertSame([[], []], [$none['cards'], $none['letters']]);
        self::assertStringContainsString('6 papers', $none['lacks'][0]);
        self::assertCount(18, $none['falls']);
    }

    public function test_a_bad_file_is_refused_with_the_place_and_nothing_is_kept(): void
    {
        $kit = $this->harbour();
        $json = str_replace('"lower-band": "', '"lower-bend": "', Recipes::json());
        $file = UploadedFile::fake()->createWithContent('bad.json', $json);
        $this->act($kit, 'recipes/read', ['recipe' => $file])->assertSessionHasErrors('recipe');
        self::assertStringContainsString('cards[', session('errors')->first('recipe'));
        $this->act($kit, 'recipes', ['name' => '', 'cards' => ''])->assertSessionHasErrors('name');
        $this->act($kit, 'recipes', ['name' => 'Empty', 'cards' => ''])->assertSessionHasErrors('cards');
        self::assertSame(0, OwnRecipe::query()->count());
        $this->get("/kits/$kit->id/recipes/no-such-recipe/look")->assertNotFound();
        $this->get("/kits/$kit->id/recipes/eighteen-from-six/templates/Q-1.svg")->assertNotFound();
    }

    public function test_its_templates_leave_as_pictures_and_on_paper(): void
    {
        $kit = $this->harbour();
        $svg = (string) $this->get("/kits/$kit->id/recipes/ten-from-one/templates/A-1.svg")->assertOk()->getContent();
        self::assertStringContainsString('width="', $svg);
        foreach (Recipes::shipped('ten-from-one')->letters[0]->pieces() as $leaf) {
            self::assertStringContainsString('>'.explode('/', (string) $leaf->piece)[0].' ', $svg, 'the number of the card');
        }
        self::assertStringContainsString('↑', $svg);
        $pdf = $this->get("/kits/$kit->id/recipes/ten-from-one/recipe.pdf")->assertOk();
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
    }

    public function test_one_is_computed_in_the_background_stopped_and_kept(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        $asked = ['sheets' => '1', 'sheet' => '6 x 6', 'front' => 'A2', 'cards' => '3', 'alike' => '1', 'papers' => ''];
        $this->act($kit, 'recipes/make', [...$asked, 'sheets' => '0', 'seconds' => '1'])->assertSessionHasErrors('sheets');
        $this->act($kit, 'recipes/make', [...$asked, 'seconds' => '0'])->assertSessionHasErrors('seconds');
        $this->act($kit, 'recipes/make', [...$asked, 'seconds' => '1'])->assertSessionHasNoErrors();
        $making = RecipeMaking::query()->firstOrFail();
        $page = $this->props("/kits/$kit->id/recipes/make");
        self::assertTrue($page['making']['isUnderWay']);

        (new MakeRecipe)->run($making->id);
        $page = $this->props("/kits/$kit->id/recipes/make");
        self::assertSame([false, false], [$page['making']['isUnderWay'], $page['making']['isFault']]);
        self::assertCount(3, $page['made']['fronts']);
        $this->act($kit, 'recipes/make/keep', ['name' => 'Three from one'])->assertSessionHasNoErrors();
        $kept = OwnRecipe::query()->firstOrFail()->toCore();
        Recipes::replay($kept);
        self::assertSame('Three from one', $kept->name);

        $this->act($kit, 'recipes/make', [...$asked, 'seconds' => '1'])->assertSessionHasNoErrors();
        $this->act($kit, 'recipes/make/stop')->assertSessionHasNoErrors();
        self::assertSame(SolveState::Failed, RecipeMaking::query()->firstOrFail()->state);
    }

    public function test_the_command_answers_as_a_recipe_and_refuses_by_option(): void
    {
        $asked = ['--sheets' => '1', '--sheet' => '6x6', '--cards' => '2', '--seconds' => '1', '--json' => true];
        self::assertSame(0, Artisan::call('recipe:make', $asked));
        $output = Artisan::output();
        $json = substr($output, (int) strpos($output, '{'));
        $recipe = ReadRecipe::read($json);
        self::assertCount(2, $recipe->cards);
        Recipes::replay($recipe);
        $made = json_decode($json, true)['made'];
        self::assertSame(2, $made['cards']);
        self::assertGreaterThanOrEqual(2, $made['bound']);
        self::assertSame($made['proven'], $made['bound'] === 2);

        self::assertSame(2, Artisan::call('recipe:make', ['--sheets' => 'six']));
        self::assertSame(2, Artisan::call('recipe:make', ['--sheet' => '1/4x1/4', '--seconds' => '1']));
    }
}
