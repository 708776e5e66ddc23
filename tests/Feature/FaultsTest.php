<?php

namespace Tests\Feature;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\OwnSketch;
use App\Models\Sheet;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchWriter;

/** Former faults: wrong sets, wrong order of cards, wrong kits, wrong answers. */
final class FaultsTest extends FeatureTestCase
{
    public function test_cards_of_a_set_that_are_set_aside_and_put_back_are_of_their_set_again(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $this->act($kit, "cards/$card->id/copies", ['copies' => 2])->assertSessionHasNoErrors();
        $numbers = $kit->cards()->whereNotNull('set')->pluck('number')->all();
        self::assertCount(2, $numbers);

        foreach ($numbers as $number) {
            $this->act($kit, 'grid/aside', ['card' => $kit->cards()->where('number', $number)->value('id')])->assertSessionHasNoErrors();
        }
        foreach (Solution::query()->where('kind', SolutionKind::Aside)->get() as $aside) {
            $this->act($kit, "share-out/solutions/$aside->id/put-back")->assertSessionHasNoErrors();
        }
        self::assertSame(
            [2, 1],
            [
                $kit->cards()->whereNotNull('set')->count(),
                $kit->cards()->whereNotNull('set')->distinct()->count('set'),
            ],
        );
        foreach ($kit->cards()->whereNotNull('set')->get() as $twin) {
            self::assertNotContains('said-twice', array_column($this->props("/kits/$kit->id/cards/$twin->id")['findings'], 'check'));
        }
    }

    public function test_what_is_put_down_where_it_was_picked_up_is_no_act_and_undo_goes_on(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $before = $this->records($kit);
        $taking = $this->focal($kit);
        $this->act($kit, 'grid/move', [
            'component' => Component::coreIdOf($taking->component_id),
            'from' => $taking->card_id,
            'to' => $taking->card_id,
        ])->assertSessionHasNoErrors();
        self::assertSame($before, $this->records($kit));
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(0, $kit->cards()->count());
    }

    public function test_the_earlier_card_is_served_first_whatever_was_written_first(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $component = Component::query()->where('kit_id', $kit->id)->where('key', 'base')->firstOrFail();
        // The takings of the first card are the newest.
        $this->act($kit, 'grid/aside', ['card' => $kit->cards()->where('number', 1)->value('id')]);
        $this->act($kit, 'share-out/solutions/'.Solution::query()->where('kind', SolutionKind::Aside)->value('id').'/put-back');
        $this->act($kit, "count/$component->id", ['counted' => 2, 'was' => 10, 'reason' => 'lost'])->assertSessionHasNoErrors();

        $short = TableState::of($kit->refresh())
            ->shorts()[$component->id]->map(static fn (Taking $taking): int => $taking->card->number)
            ->all();
        self::assertSame([3], $short);
        foreach (Component::query()->where('kit_id', $kit->id)->where('kind', Kind::Paper)->get() as $paper) {
            $numbers = Taking::query()
                ->where('component_id', $paper->id)
                ->with('card')
                ->get()
                ->map(static fn (Taking $taking): int => $taking->card->number);
            if ($numbers->unique()->count() < 2) {
                continue;
            }
            $this->act($kit, "count/$paper->id", ['counted' => 1, 'was' => 2, 'reason' => 'lost'])->assertSessionHasNoErrors();
            $short = TableState::of($kit->refresh())->shorts()[$paper->id] ?? collect();
            self::assertNotContains(
                $numbers->min(),
                $short->map(static fn (Taking $taking): int => $taking->card->number)->all(),
                $paper->name,
            );
        }
    }

    public function test_of_two_who_count_one_line_the_later_is_told_and_nothing_is_counted_twice(): void
    {
        $kit = $this->harbour();
        $base = Component::query()->where('kit_id', $kit->id)->where('key', 'base')->firstOrFail();
        $this->act($kit, "count/$base->id", ['counted' => 8, 'was' => 10, 'reason' => 'lost'])->assertSessionHasNoErrors();
        $this->act($kit, "count/$base->id", ['counted' => 8, 'was' => 10, 'reason' => 'lost'])->assertSessionHasErrors('counted');
        self::assertSame(8, (int) $base->ledger()->sum('delta'));
    }

    public function test_invisible_characters_are_refused_as_a_name(): void
    {
        $kit = $this->harbour();
        foreach (["\u{200B}", "Sea\u{0007}", "\u{00AD}\u{00AD}"] as $name) {
            $this->act($kit, 'palettes', ['name' => $name, 'surfaces' => ['c1/0', 'c2/0']])->assertSessionHasErrors('name');
        }
        $this->act($kit, 'palettes', ['name' => "Mère 👩\u{200D}👧", 'surfaces' => ['c1/0', 'c2/0']])->assertSessionHasNoErrors();
        $this->act($kit, 'add/list', ['text' => "12 papers 6x6\n10 A2 bases"])->assertSessionDoesntHaveErrors('text');
    }

    public function test_no_part_of_a_sketch_is_called_as_a_part_of_the_card(): void
    {
        $kit = $this->harbour();
        $written = SketchWriter::write(Sketches::all()['framed-panel']);
        foreach (['inside', 'fold-flap', 'base', 'focal-die'] as $taken) {
            $parts = $written['parts'];
            $parts[] = [
                'id' => $taken,
                'name' => 'Mine',
                'role' => 'strip',
                'relation' => ['kind' => 'inset', 'of' => 'front', 'measures' => ['reveal' => '1/4']],
            ];
            $this->act($kit, 'sketches', [
                'sketch' => [...$written, 'name' => 'Mine', 'parts' => $parts],
            ])->assertSessionHasErrors('parts.'.(count($parts) - 1).'.name');
        }
        self::assertSame(0, OwnSketch::query()->count());
    }

    public function test_nothing_is_written_into_another_kits_journal_by_its_address(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $other = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $this->act($kit, 'palettes', ['name' => 'sea', 'surfaces' => ['c1/0', 'c2/0']]);
        $this->act($kit, 'sketches', ['sketch' => [...SketchWriter::write(Sketches::all()['framed-panel']), 'name' => 'Mine']]);
        $card = $kit->cards()->firstOrFail();
        $paper = Component::query()->where('kit_id', $kit->id)->where('kind', Kind::Paper)->firstOrFail();
        $sheet = CutPlan::query()->firstOrFail()->sheet_id;
        $taking = $this->focal($kit);
        $before = $this->records($kit);
        $revision = $kit->refresh()->revision;

        foreach (
            [
                "cut/$sheet",
                "cut/$sheet/once",
                "cut/$sheet/motor",
                "cut/$sheet/wrong",
                "cut/$sheet/for/$card->id",
                "cut/pieces/$taking->id/spoiled",
                "count/$paper->id",
                "move/$paper->id",
                "looks/$paper->id",
                "looks/$paper->id/photo",
                'palettes/1/card',
                'sketches/'.OwnSketch::query()->value('id'),
                "cards/$card->id/turn",
            ] as $path
        ) {
            $this->act($other, $path, [
                'what' => 'spoiled',
                'counted' => 1,
                'was' => 2,
                'count' => 1,
            ])->assertNotFound();
        }
        $this->act($other, 'grid/swap', ['card' => $card->id, 'component' => $paper->coreId()])->assertNotFound();
        self::assertSame([$before, $revision], [$this->records($kit), $kit->refresh()->revision]);
        self::assertSame(0, $other->refresh()->revision);
    }

    public function test_looks_are_those_of_a_paper(): void
    {
        $kit = $this->harbour();
        $base = Component::query()->where('kit_id', $kit->id)->where('key', 'base')->firstOrFail();
        foreach (['', '/photo'] as $path) {
            $this->act($kit, "looks/$base->id$path", [
                'face' => 0,
                'name' => 'x',
                'motif' => 'wave',
                'colours' => ['#ffffff'],
            ])->assertNotFound();
        }
    }

    public function test_only_known_names_are_answered(): void
    {
        $this->harbour();
        foreach (['127.0.0.1', '127.0.0.1:8000', 'localhost:8123', 'LOCALHOST'] as $known) {
            self::assertSame(200, $this->answerTo($known), $known);
        }
        foreach (['evil.example', 'evil.example:8000', '127.0.0.1.evil.example', '', 'localhost@evil.example', '[::1]:x'] as $unknown) {
            self::assertSame(421, $this->answerTo($unknown), $unknown);
        }
        config(['app.hosts' => ['127.0.0.1', 'table.local']]);
        self::assertSame(200, $this->answerTo('table.local'));
    }

    public function test_a_front_stays_what_it_is_when_it_is_said_in_another_unit(): void
    {
        $kit = $this->harbour();
        $about = $this->props("/kits/$kit->id/about");
        self::assertSame(['width' => '107.95', 'height' => '139.7'], $about['fronts']['mm']);
        $front = [$kit->front_width, $kit->front_height];
        foreach (
            [
                [...$about['about'], 'unit' => 'mm'],
                [...$about['about'], 'unit' => 'mm', 'front_width' => '107.95', 'front_height' => '139.7'],
            ] as $form
        ) {
            $this->act($kit, 'about', $form)->assertSessionHasNoErrors();
            $kit->refresh();
            self::assertSame(['mm', $front], [$kit->unit->value, [$kit->front_width, $kit->front_height]]);
            $this->act($kit, 'undo');
        }
        $this->act($kit, 'about', [
            ...$about['about'],
            'unit' => 'mm',
            'front_width' => '5',
            'front_height' => '7',
        ])->assertSessionHasErrors(['front_width', 'front_height']);
        self::assertSame('in', $kit->refresh()->unit->value);
    }

    public function test_sheets_of_the_stash_are_cut_with_the_trimmer_of_the_kit_in_hand(): void
    {
        $kit = $this->harbour();
        $stash = Kit::stash() ?? self::fail('There is no stash.');
        $heavy = Component::query()->where('kit_id', $stash->id)->where('kind', Kind::Cardstock)->firstOrFail();
        $this->shareOut($kit, 1);
        $card = $kit->cards()->firstOrFail();
        $mat = Taking::query()
            ->where('card_id', $card->id)
            ->whereNotNull('width')
            ->whereHas('component', static fn ($one) => $one->where('kind', Kind::Cardstock))
            ->firstOrFail();
        $acts = [
            ["cards/$card->id/fill", ['part' => $mat->part, 'component' => $heavy->coreId(), 'face' => 0]],
            ['taste', ['frame' => '', 'trimmer' => '4', 'set' => 1]],
        ];
        foreach ([$acts, array_reverse($acts)] as $inThisOrder) {
            foreach ($inThisOrder as [$path, $with]) {
                $this->act($kit, $path, $with)->assertSessionHasNoErrors();
            }
            $planned = Sheet::query()->where('component_id', $heavy->id)->whereHas('plan')->count();
            self::assertSame(0, $planned, 'no cut of that length can be made');
            self::assertArrayHasKey($heavy->id, TableState::of($kit->refresh())->shorts());
            $this->act($kit, 'undo');
            $this->act($kit, 'undo');
        }
    }

    /** The answer to a request with this header, which the client of the tests would set by itself. */
    private function answerTo(string $host): int
    {
        $request = Request::create('/');
        $request->headers->set('Host', $host);

        return app(Kernel::class)->handle($request)->getStatusCode();
    }

    private function focal(Kit $kit): Taking
    {
        return Taking::query()
            ->where('part', 'focal')
            ->whereIn('card_id', Card::query()->where('kit_id', $kit->id)->select('id'))
            ->firstOrFail();
    }
}
