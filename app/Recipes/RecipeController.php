<?php

namespace App\Recipes;

use App\Acts\AtField;
use App\Acts\FileRequest;
use App\Acts\NumberList;
use App\Drawing\CutDrawing;
use App\Files\Media;
use App\Files\RecipeExport;
use App\Models\Kit;
use App\Models\RecipeMaking;
use App\Table\RecipeShelf;
use App\Wording\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Recipe\BadRecipe;

/** Recipes: the list of them, one of them, used with a kit, computed. */
final readonly class RecipeController
{
    private const FIELDS = ['sheets', 'sheet', 'front', 'cards', 'alike', 'papers'];

    public function __construct(private KeepRecipes $keep)
    {
    }

    public function index(Kit $kit): RecipesPage
    {
        return RecipesPage::of($kit);
    }

    public function show(Kit $kit, string $recipe): RecipePage
    {
        return RecipePage::of($kit, $recipe);
    }

    public function laying(Kit $kit, string $recipe, Request $request, LookHowItLies $looking): RecipeLayPage
    {
        $ask = self::asked($kit, $recipe, $request);
        $found = LayingOut::found($kit, $ask);
        if ($found === null) {
            $looking->look($kit, $ask);
            $found = LayingOut::found($kit, $ask);
        }

        return RecipeLayPage::of($kit, $ask, $found);
    }

    public function lay(Kit $kit, string $recipe, Request $request, LayOnTable $lay): RedirectResponse
    {
        $many = $lay->lay($kit, LayingOut::of($kit, self::asked($kit, $recipe, $request)), $request->integer('revision'));

        return to_route('kits.share-out', $kit)->with('notice', Wording::plural($many, 'card').' are on the table.');
    }

    public function making(Kit $kit): RecipeMakePage
    {
        return RecipeMakePage::of($kit);
    }

    public function make(Kit $kit, Request $request): RedirectResponse
    {
        $asked = [];
        foreach (self::FIELDS as $field) {
            $asked[$field] = $request->string($field)->toString();
        }
        $seconds = $request->integer('seconds');
        if ($seconds < 1 || $seconds > RecipeMaking::MOST_SECONDS) {
            throw ValidationException::withMessages(['seconds' => sprintf('From 1 to %d seconds.', RecipeMaking::MOST_SECONDS)]);
        }
        try {
            MakeRecipe::request($kit, $asked, $seconds);
        } catch (BadRecipe $wrong) {
            throw ValidationException::withMessages($wrong->faults);
        }

        return to_route('kits.recipes.make', $kit);
    }

    public function stop(Kit $kit): RedirectResponse
    {
        RecipeMaking::query()->where('kit_id', $kit->id)->get()->each(MakeRecipe::stop(...));

        return to_route('kits.recipes.make', $kit);
    }

    public function keepMade(Kit $kit, Request $request): RedirectResponse
    {
        $making = RecipeMaking::query()->where('kit_id', $kit->id)->latest('id')->firstOrFail();
        $name = self::name($request);
        $kept = AtField::of('name', fn () => $this->keep->computed($kit, $making, $name, $request->integer('revision')));

        return to_route('kits.recipes.look', [$kit, "own-$kept->id"]);
    }

    public function keep(Kit $kit, Request $request): RedirectResponse
    {
        $cards = NumberList::of($request, 'cards');
        $name = self::name($request);
        $kept = AtField::of('cards', fn () => $this->keep->ofShareOut($kit, $cards, $name, $request->integer('revision')));

        return to_route('kits.recipes.look', [$kit, "own-$kept->id"]);
    }

    public function read(Kit $kit, FileRequest $request): RedirectResponse
    {
        $kept = $request->at('recipe', fn () => $this->keep->fromFile($kit, $request->contents(), $request->integer('revision')));

        return to_route('kits.recipes.look', [$kit, "own-$kept->id"]);
    }

    public function rename(Kit $kit, string $recipe, Request $request): RedirectResponse
    {
        $own = RecipeShelf::own($recipe) ?? abort(404);
        $this->keep->rename($kit, $own, self::name($request), $request->integer('revision'));

        return to_route('kits.recipes.look', [$kit, $recipe]);
    }

    public function destroy(Kit $kit, string $recipe, Request $request): RedirectResponse
    {
        $own = RecipeShelf::own($recipe) ?? abort(404);
        $this->keep->throwAway($kit, $own, $request->integer('revision'));

        return to_route('kits.recipes', $kit);
    }

    public function template(Kit $kit, string $recipe, string $letter, int $n): Response
    {
        $core = RecipeShelf::find($recipe);
        $own = $core->letter($letter);
        abort_unless($own !== null && isset($own->plans[$n - 1]), 404);
        $drawing = CutDrawing::real(TemplateView::of($core, $own, $n - 1)->drawn(), $core->components());

        return Media::Svg->file("$letter-$n.svg", $drawing->svg());
    }

    public function file(Kit $kit, string $recipe, RecipeExport $export): Response
    {
        $core = RecipeShelf::find($recipe);

        return $export->media()->file($export->fileName($core), $export->write($kit, $core));
    }

    /** @throws ValidationException */
    private static function name(Request $request): string
    {
        $name = trim($request->string('name')->toString());

        return $name !== '' && mb_strlen($name) <= 60
            ? $name
            : throw ValidationException::withMessages(['name' => 'Give the recipe a name of up to 60 characters.']);
    }

    private static function asked(Kit $kit, string $recipe, Request $request): LayAsk
    {
        $fixed = [];
        foreach (array_filter(explode(',', $request->string('letters')->toString())) as $one) {
            [$letter, $paper] = [...explode(':', $one, 2), ''];
            $fixed[$letter] = $paper;
        }
        $stash = $request->has('stash') ? $request->boolean('stash') : $kit->uses_stash;

        return LayAsk::for($recipe, $fixed, $stash, NumberList::of($request, 'kits'));
    }
}
