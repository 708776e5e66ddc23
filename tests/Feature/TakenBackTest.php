<?php

namespace Tests\Feature;

use App\Journal\Act;
use App\Models\Card;
use App\Models\ClassPlan;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Day;
use App\Models\Kit;
use App\Models\Person;
use App\Models\PostLimit;
use App\Models\Sheet;
use App\Models\SolutionKind;
use App\Models\Taking;
use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchWriter;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every act there is: done, undone and redone exactly. */
final class TakenBackTest extends FeatureTestCase
{
    /** Tables that no act writes, or that change by themselves. */
    private const BESIDE = [
        'acts', 'changes', 'cache', 'cache_locks', 'failed_jobs', 'jobs', 'sessions', 'solves', 'sqlite_sequence',
    ];

    /** Requests that are not acts, or that end a search. Acts of others are theirs. */
    private const NO_ACTS = [
        'POST {kit}/add/read-list', 'POST {kit}/arrangements/draw', 'POST {kit}/sketches/draw', 'POST {kit}/undo', 'POST {kit}/redo',
        'POST undo', 'POST redo', 'POST {kit}/cut/better', 'POST {kit}/cut/better/stop', 'POST {kit}/keep/stop', 'POST {kit}/keep/turn',
        'POST {kit}/keep/turn/stop', 'POST {kit}/recipes/make', 'POST {kit}/recipes/make/stop', 'POST {kit}/share-out/frontier',
        'POST {kit}/share-out/next/stop', 'POST {kit}/share-out/stop', 'POST {kit}/cut/labels', 'POST people/read', 'POST safe/save',
        'POST safe/stop', 'POST safe/open', 'POST safe/own', 'POST kits/look',
        'POST safe/copies/{name}', 'POST tablet/code', 'POST tablet/close', 'POST people/ask',
        'POST packing-list/{token}/columns', 'POST {kit}/photographs/pieces', 'POST {kit}/photographs/papers',
        'POST {kit}/photographs/{photograph}/pieces', 'POST {kit}/photographs/{photograph}/papers',
        'POST {kit}/photographs/{photograph}/stop', 'DELETE {kit}/photographs/{photograph}',
        'POST {kit}/share-out/solutions/{solution}/leave', 'POST {kit}/looks/{component}/photo',
    ];

    /** Acts with a test of their own for undo, since they need more than a shared-out kit. */
    private const ELSEWHERE = [
        'POST {kit}/keep/apart', 'POST {kit}/make/{card}/mend', 'POST {kit}/cut/{sheet}/motor',
        'POST {kit}/photographs/{photograph}/papers/keep', 'POST {kit}/photographs/{photograph}/pieces/keep',
    ];

    private const PALETTE = ['name' => 'Sea', 'surfaces' => ['c1/0', 'c2/0']];

    /** Acts that do not depend on the page's revision: new lines, counts, a whole kit. */
    private const STANDS_ALONE = [
        'POST {kit}/add', 'POST {kit}/add/list', 'POST {kit}/count', 'POST {kit}/count/{component}', 'POST {kit}/duplicate',
        'POST {kit}/put-away', 'DELETE {kit}',
    ];

    /** @return array<string, Closure(self, Kit): array{string, array<string, mixed>}> the address and what is sent, by the route */
    private static function acts(): array
    {
        return [...self::plainActs(), ...self::actsOnWhatWasDone()];
    }

    /** @return array<string, Closure(self, Kit): array{string, array<string, mixed>}> */
    private static function plainActs(): array
    {
        $card = static fn (Kit $kit): Card => $kit->cards()->with('takings')->firstOrFail();
        $ofCard = static fn (string $path, array $with): Closure => static fn (self $test, Kit $kit): array => [
            "cards/{$card($kit)->id}/$path", $with,
        ];
        $plain = static fn (string $path, array $with = []): Closure => static fn (): array => [$path, $with];
        $paper = static fn (Kit $kit): Component => $kit->papers()->where('name', 'Signal stars')->firstOrFail();
        $ofPaper = static fn (string $path, array $with): Closure => static fn (self $test, Kit $kit): array => [
            "$path/{$paper($kit)->id}", $with,
        ];
        $inGrid = static fn (string $path): Closure => static fn (self $test, Kit $kit): array => [
            "grid/$path", ['card' => $card($kit)->id],
        ];
        $focal = static fn (Kit $kit): Taking => Taking::query()
            ->where('part', 'focal')->whereRelation('card', 'kit_id', $kit->id)->firstOrFail();
        $atFocal = static fn (string $path, array $with = []): Closure => static fn (self $test, Kit $kit): array => [
            "grid/$path", ['card' => $focal($kit)->card_id, 'component' => "c{$focal($kit)->component_id}", ...$with],
        ];
        $kept = static fn (string $path): Closure => static fn (self $test, Kit $kit): array => [
            "share-out/solutions/{$test->kept($kit)}/$path", [],
        ];
        $person = static fn (): Person => Person::query()->where('name', 'Ada Fenn')->firstOrFail();
        $day = static fn (): Day => $person()->days()->firstOrFail();
        $ofKit = static fn (Kit $kit) => CutPlan::query()->whereRelation('sheet.component', 'kit_id', $kit->id);
        $sheet = static fn (Kit $kit): int => (int) $ofKit($kit)->value('sheet_id');
        $sketch = ['sketch' => ['name' => 'Of mine'] + SketchWriter::write(Sketches::all()['framed-panel'])];
        $arrangement = ['written' => ['name' => 'Of mine'] + ArrangementWriter::write(array_values(Arrangements::all())[0])];
        $about = [
            'name' => 'Harbour nights', 'unit' => 'in', 'front_width' => '4 1/4', 'front_height' => '5 1/2', 'promised' => 12,
            'price' => '30.00', 'currency' => 'USD', 'bought_on' => '2026-11-01', 'theme' => 'the sea', 'instructions' => 'Fold first.',
        ];

        return [
            'POST kits/list' => $plain('/kits/list', ['list' => "Cloud Pasture, 12 cards\n10 envelopes"]),
            'POST kits/new' => $plain('/kits/new', [...$about, 'name' => 'Another']),
            'DELETE {kit}' => $plain(''),
            'POST {kit}/about' => $plain('about', $about),
            'POST {kit}/put-away' => $plain('put-away', ['away' => true]),
            'POST {kit}/duplicate' => $plain('duplicate'),
            'POST {kit}/add' => $plain('add', ['line' => '2 sheets of one paper 6x6 "dusk / dawn" busy|calm']),
            'POST {kit}/add/list' => $plain('add/list', ['text' => "10 A2 bases\n2 sheets of one paper 12x12"]),
            'POST {kit}/check/{component}' => $ofPaper('check', ['field' => 'name', 'value' => 'Stars at sea']),
            'DELETE {kit}/check/{component}' => static fn (self $test, Kit $kit): array => [
                "check/{$test->unused($kit)}", [],
            ],
            'POST {kit}/count' => $plain('count'),
            'POST {kit}/count/{component}' => $ofPaper('count', ['counted' => '1', 'was' => 2, 'reason' => 'damaged', 'note' => 'coffee']),
            'POST {kit}/move/{component}' => static fn (self $test, Kit $kit): array => [
                "move/{$test->gems($kit)}", ['count' => '3', 'to' => Kit::stash()?->id],
            ],
            'POST {kit}/looks/{component}' => $ofPaper('looks', [
                'face' => 0, 'name' => 'Poppies', 'motif' => 'dots', 'colours' => ['#102030'], 'busy' => true, 'directional' => false,
            ]),
            'POST {kit}/palettes' => $plain('palettes', self::PALETTE),
            'DELETE {kit}/palettes/{palette}' => static fn (self $test, Kit $kit): array => [
                $test->added($kit, 'palettes', self::PALETTE), [],
            ],
            'POST {kit}/cards/{card}/arrange' => static fn (self $test, Kit $kit): array => [
                "cards/{$card($kit)->id}/arrange", ['arrangement' => $test->otherArrangement($kit, $card($kit))],
            ],
            'POST {kit}/cards/{card}/copies' => $ofCard('copies', ['copies' => 2]),
            'POST {kit}/cards/{card}/fill' => static fn (self $test, Kit $kit): array => [
                "cards/{$focal($kit)->card_id}/fill", ['part' => 'focal', 'component' => "c{$test->unused($kit)}", 'face' => 0],
            ],
            'POST {kit}/cards/{card}/fold' => $ofCard('fold', ['fold' => 'gatefold']),
            'POST {kit}/cards/{card}/frame' => $ofCard('frame', ['frame' => '1/4']),
            'POST {kit}/cards/{card}/keep' => $ofCard('keep', []),
            'POST {kit}/cards/{card}/measure' => static fn (self $test, Kit $kit): array => $test->measure($kit),
            'POST {kit}/cards/{card}/notes' => $ofCard('notes', ['notes' => 'for the fair', 'isForAMan' => true]),
            'POST {kit}/cards/{card}/occasion' => $ofCard('occasion', ['occasion' => 'wedding']),
            'POST {kit}/cards/{card}/piece' => $ofCard('piece', ['part' => 'focal', 'do' => 'left', 'by' => 1]),
            'POST {kit}/cards/{card}/sketch' => $ofCard('sketch', ['sketch' => 'round-focus']),
            'POST {kit}/cards/{card}/turn' => $ofCard('turn', []),
            'POST {kit}/cards/{card}/waive' => $ofCard('waive', ['check' => 'words-fit-occasion', 'why' => 'she likes it']),
            'POST {kit}/class' => $plain('class', ['name' => 'Tuesday', 'people' => '6', 'recipe' => '', 'cards' => '']),
            'POST {kit}/class/{class}' => static fn (self $test, Kit $kit): array => [
                "class/{$test->class($kit)}", ['field' => 'people', 'value' => '9'],
            ],
            'DELETE {kit}/class/{class}' => static fn (self $test, Kit $kit): array => ["class/{$test->class($kit)}", []],
            'POST {kit}/class/{class}/pack' => static fn (self $test, Kit $kit): array => [
                "class/{$test->class($kit)}/pack", ['bag' => 1, 'packed' => true],
            ],
            'POST {kit}/cut/{sheet}' => static fn (self $test, Kit $kit): array => ["cut/{$sheet($kit)}", []],
            'POST {kit}/cut/{sheet}/once' => static fn (self $test, Kit $kit): array => ["cut/{$sheet($kit)}/once", []],
            'POST {kit}/grid/add' => $plain('grid/add'),
            'POST {kit}/grid/aside' => $inGrid('aside'),
            'POST {kit}/grid/duplicate' => $inGrid('duplicate'),
            'POST {kit}/grid/remove' => $inGrid('remove'),
            'POST {kit}/grid/pin' => $inGrid('pin'),
            'POST {kit}/grid/more' => $atFocal('more', ['by' => -1]),
            'POST {kit}/grid/swap' => $atFocal('swap'),
            'POST {kit}/grid/move' => static fn (self $test, Kit $kit): array => [
                'grid/move', ['component' => "c{$focal($kit)->component_id}", 'from' => $focal($kit)->card_id, 'to' => null],
            ],
            'POST {kit}/grid/use' => static fn (self $test, Kit $kit): array => ['grid/use', ['component' => "c{$paper($kit)->id}"]],
            'POST {kit}/keep/price/{component}' => $ofPaper('keep/price', ['price' => '4.50']),
            'POST {kit}/keep/put-away' => $plain('keep/put-away'),
            'POST {kit}/keep/throw' => static fn (self $test, Kit $kit): array => $test->confetti($kit),
            'POST {kit}/make/{card}' => static fn (self $test, Kit $kit): array => $test->step($kit),
            'POST {kit}/make/back' => static function (self $test, Kit $kit): array {
                $test->act($kit, ...$test->step($kit))->assertSessionHasNoErrors();

                return ['make/back', []];
            },
            'POST {kit}/mute' => $plain('mute', ['check' => 'odd-group']),
            'POST {kit}/taste' => $plain('taste', ['frame' => '1/8', 'set' => 2, 'wanted' => ['wedding' => '1'], 'trimmer' => '8 1/2']),
            'POST {kit}/recipes' => $plain('recipes', ['name' => 'Four from the harbour', 'cards' => '']),
            'POST {kit}/share-out' => static function (self $test, Kit $kit): array {
                $test->act($kit, 'undo');

                return ['share-out', ['cards' => 3, 'stash' => false, 'words' => 'again']];
            },
            'POST {kit}/share-out/keep' => $plain('share-out/keep', ['name' => 'The first']),
            'POST {kit}/share-out/solutions/{solution}/take-up' => static function (self $test, Kit $kit) use ($kept, $inGrid): array {
                $taken = $kept('take-up')($test, $kit);
                $test->act($kit, ...$inGrid('remove')($test, $kit));

                return $taken;
            },
            'POST {kit}/share-out/solutions/{solution}/forget' => $kept('forget'),
            'POST {kit}/share-out/solutions/{solution}/accept' => static fn (self $test, Kit $kit): array => $test->proposal($kit),
            'POST {kit}/share-out/solutions/{solution}/put-back' => static function (self $test, Kit $kit) use ($inGrid): array {
                $test->act($kit, ...$inGrid('aside')($test, $kit))->assertSessionHasNoErrors();

                return ["share-out/solutions/{$test->solution($kit, SolutionKind::Aside)}/put-back", []];
            },
            'POST {kit}/sketches' => $plain('sketches', $sketch),
            'POST {kit}/sketches/{sketch}' => static fn (self $test, Kit $kit): array => [
                $test->added($kit, 'sketches', $sketch), array_replace_recursive($sketch, ['sketch' => ['name' => 'Of mine too']]),
            ],
            'DELETE {kit}/sketches/{sketch}' => static fn (self $test, Kit $kit): array => [
                $test->added($kit, 'sketches', $sketch), [],
            ],
            'POST {kit}/sketches/enable' => $plain('sketches/enable', ['sketch' => 'round-focus']),
            'POST {kit}/arrangements' => $plain('arrangements', $arrangement),
            'POST {kit}/arrangements/{arrangement}' => static fn (self $test, Kit $kit): array => [
                $test->added($kit, 'arrangements', $arrangement),
                array_replace_recursive($arrangement, ['written' => ['name' => 'Of mine too']]),
            ],
            'DELETE {kit}/arrangements/{arrangement}' => static fn (self $test, Kit $kit): array => [
                $test->added($kit, 'arrangements', $arrangement), [],
            ],
            'POST {kit}/tally/cards/{card}' => static fn (self $test, Kit $kit): array => [
                "tally/cards/{$card($kit)->id}", ['field' => 'notes', 'value' => 'quick'],
            ],
            'POST {kit}/tally/cards/{card}/photo' => static fn (self $test, Kit $kit): array => $test->photo($kit),
            'DELETE {kit}/tally/cards/{card}/photo' => static function (self $test, Kit $kit): array {
                $test->act($kit, ...$test->photo($kit))->assertSessionHasNoErrors();

                return [$test->photo($kit)[0], []];
            },
            'POST {kit}/tally/stash-price' => static fn (self $test): array => [
                'tally/stash-price', ['component' => Kit::stash()?->components()->value('id'), 'price' => '5.00'],
            ],
            'POST paper' => $plain('/paper', ['paper' => 'a4']),
            'POST people' => $plain('/people', ['name' => 'Gus Wren', 'likes' => 'tea', 'post_days' => '']),
            'POST people/{person}' => static fn (): array => [
                "/people/{$person()->id}", ['name' => 'Ada Fenn', 'likes' => 'boats', 'post_days' => '9'],
            ],
            'DELETE people/{person}' => static fn (): array => ["/people/{$person()->id}", []],
            'POST people/{person}/days' => static fn (): array => [
                "/people/{$person()->id}/days", ['occasion' => 'wedding', 'month' => '8', 'day' => '7'],
            ],
            'DELETE people/days/{day}' => static fn (): array => ["/people/days/{$day()->id}", []],
            'POST people/days/{day}/card' => static fn (self $test, Kit $kit): array => [
                "/people/days/{$day()->id}/card", ['card' => $card($kit)->id],
            ],
            'DELETE people/days/{day}/card' => static function (self $test, Kit $kit) use ($day, $card): array {
                $test->post("/people/days/{$day()->id}/card", ['card' => $card($kit)->id])->assertSessionHasNoErrors();

                return ["/people/days/{$day()->id}/card", []];
            },
            'POST people/days/{day}/given' => static function (self $test, Kit $kit) use ($day, $card): array {
                $test->post("/people/days/{$day()->id}/card", ['card' => $card($kit)->id])->assertSessionHasNoErrors();

                return ["/people/days/{$day()->id}/given", []];
            },
            'POST people/post' => $plain('/people/post', ['days' => '6']),
            'POST people/post/limits' => $plain('/people/post/limits', ['name' => 'flat', 'thickness' => '1/2 in']),
            'DELETE people/post/limits/{limit}' => static function (self $test): array {
                $test->post('/people/post/limits', ['name' => 'flat', 'thickness' => '1/2 in'])->assertSessionHasNoErrors();

                return ['/people/post/limits/'.PostLimit::query()->max('id'), []];
            },
            'POST people/occasions' => $plain('/people/occasions', ['name' => 'Name day']),
            'POST people/occasions/{key}' => $plain('/people/occasions/sympathy', ['field' => 'share', 'value' => '3']),
            'DELETE people/occasions/{key}' => static function (self $test): array {
                $test->post('/people/occasions', ['name' => 'Name day'])->assertSessionHasNoErrors();

                return ['/people/occasions/name-day', []];
            },
        ];
    }

    /** @return array<string, Closure(self, Kit): array{string, array<string, mixed>}> that need something to be looked up or done first */
    private static function actsOnWhatWasDone(): array
    {
        $scrap = static fn (self $test, Kit $kit): array => $test->scrap($kit);
        $own = static fn (self $test, Kit $kit): string => $test->recipe($kit);

        return [
            'POST {kit}/arrange/many' => static fn (): array => ['arrange/many', ['pieces' => 'few']],
            'POST {kit}/cards/{card}/add-piece' => static function (self $test, Kit $kit): array {
                $card = $kit->cards()->firstOrFail();
                $more = $test->props("/kits/$kit->id/arrange?card=$card->id")['inHand']['more'];

                return ["cards/$card->id/add-piece", ['component' => $more[0]['key']]];
            },
            'POST {kit}/cards/{card}/swap-piece' => static fn (self $test, Kit $kit): array => [
                "cards/{$test->taking('piece-1', $kit)->card_id}/swap-piece", ['part' => 'piece-1'],
            ],
            'POST {kit}/cards/{card}/quantity' => static fn (self $test, Kit $kit): array => [
                "cards/{$test->taking('base', $kit)->card_id}/quantity",
                ['taking' => $test->taking('base', $kit)->id, 'part' => 'base', 'quantity' => 2],
            ],
            'POST {kit}/class/{class}/lost' => static function (self $test, Kit $kit): array {
                $class = $test->class($kit);
                $test->act($kit, "class/$class/pack", ['bag' => 1, 'packed' => true])->assertSessionHasNoErrors();

                return ["class/$class/lost", ['bag' => 1]];
            },
            'POST {kit}/cut/{sheet}/for/{card}' => static function (self $test, Kit $kit): array {
                $card = $kit->cards()->firstOrFail();
                $sheet = $test->props("/kits/$kit->id/cut?card=$card->id")['sheet']['id'];

                return ["cut/$sheet/for/$card->id", []];
            },
            'POST {kit}/cut/{sheet}/wrong' => static fn (): array => [
                'cut/'.CutPlan::query()->whereNull('cut_at')->value('sheet_id').'/wrong', ['what' => 'spoiled'],
            ],
            'POST {kit}/cut/pieces/{taking}/spoiled' => static function (self $test, Kit $kit): array {
                $test->act($kit, 'cut/'.CutPlan::query()->whereNull('cut_at')->value('sheet_id'))->assertSessionHasNoErrors();

                return ['cut/pieces/'.Taking::query()->whereNotNull('sheet_id')->value('id').'/spoiled', []];
            },
            'POST {kit}/grid/leaner' => static fn (self $test, Kit $kit): array => ['grid/leaner', ['card' => $kit->cards()->value('id')]],
            'POST {kit}/grid/way' => static fn (self $test, Kit $kit): array => $test->wayOut($kit),
            'POST {kit}/keep' => static function (self $test, Kit $kit): array {
                $test->busyWorker($kit, false);
                $test->get("/kits/$kit->id/keep");

                return ['keep', ['number' => (string) $test->props("/kits/$kit->id/keep")['bonus']['cards'][0]['number']]];
            },
            'POST {kit}/keep/take' => static fn (self $test, Kit $kit): array => ['keep/take', $scrap($test, $kit)],
            'POST {kit}/keep/back/{sheet}' => static function (self $test, Kit $kit) use ($scrap): array {
                $test->act($kit, 'keep/take', $scrap($test, $kit))->assertSessionHasNoErrors();

                return ['keep/back/'.Sheet::query()->whereNotNull('part')->value('id'), []];
            },
            'POST {kit}/keep/turn/take' => static function (self $test, Kit $kit): array {
                $test->act($kit, 'keep/turn')->assertSessionHasNoErrors();

                return ['keep/turn/take', ['scraps' => '']];
            },
            'POST {kit}/keep/middle/{taking}' => static function (self $test, Kit $kit): array {
                $test->cutAll($kit);

                return ['keep/middle/'.$test->props("/kits/$kit->id/keep")['middles'][0]['taking'], []];
            },
            'POST {kit}/palettes/{palette}/card' => static fn (self $test, Kit $kit): array => [
                $test->added($kit, 'palettes', self::PALETTE).'/card', [],
            ],
            'POST {kit}/recipes/{recipe}' => static fn (self $test, Kit $kit): array => [
                "recipes/{$own($test, $kit)}", ['name' => 'Of mine'],
            ],
            'DELETE {kit}/recipes/{recipe}' => static fn (self $test, Kit $kit): array => ["recipes/{$own($test, $kit)}", []],
            'POST {kit}/recipes/read' => static fn (self $test, Kit $kit): array => [
                'recipes/read', ['recipe' => $test->file("/kits/$kit->id/recipes/{$own($test, $kit)}/recipe.json", 'recipe.json')],
            ],
            'POST {kit}/recipes/{recipe}/lay' => static function (self $test, Kit $kit): array {
                $test->act($kit, 'undo');
                $laid = $test->props("/kits/$kit->id/recipes/ten-from-one/lay?stash=1");

                return ['recipes/ten-from-one/lay', ['letters' => $laid['chosen'], 'stash' => '1']];
            },
            'POST {kit}/share-out/next' => static function (self $test, Kit $kit): array {
                $test->get("/kits/$kit->id/share-out/next");

                return ['share-out/next', ['nth' => 0]];
            },
            'POST {kit}/share-out/read' => static fn (self $test, Kit $kit): array => [
                'share-out/read', ['share_file' => $test->file("/kits/$kit->id/share-out/export.json", 'fair.json')],
            ],
            'POST {kit}/tally/record' => static function (self $test, Kit $kit): array {
                $card = $kit->cards()->firstOrFail();
                $card->update(['notes' => 'with the big ones']);
                $record = ['record_file' => $test->file("/kits/$kit->id/tally/record.json", 'record.json')];
                $card->update(['notes' => '']);

                return ['tally/record', $record];
            },
            'POST kits' => static fn (self $test, Kit $kit): array => [
                '/kits', ['kit_file' => $test->file("/kits/$kit->id/export", 'kit.json')],
            ],
            'POST kit-post' => static function (self $test, Kit $kit): array {
                Http::fake(['*/kits/HARBOUR-1' => Http::response((string) $test->get("/kits/$kit->id/export")->getContent())]);

                return ['/kit-post', ['code' => 'harbour-1']];
            },
            'POST packing-list/{token}' => static function (self $test): array {
                $lines = "kind,name,count,width,height,colour\npaper,Check,2,6,6,#7fa3b1\n";
                $list = UploadedFile::fake()->createWithContent('list.csv', $lines);
                $to = (string) $test->post('/kits', ['kit_file' => $list])->assertSessionHasNoErrors()->headers->get('Location');

                return ['/packing-list/'.basename($to), ['name' => 'My list', 'unit' => 'in', 'width' => '4 1/4', 'height' => '5 1/2']];
            },
            'POST {kit}/keep/gather' => static function (self $test, Kit $kit): array {
                $test->cutAll($kit);
                $other = Kit::query()->where('name', 'Windfall Orchard')->firstOrFail();

                return ["/kits/$other->id/keep/gather", ['kits' => (string) $kit->id, 'revision' => $other->revision]];
            },
            'POST {kit}/keep/use' => static function (self $test, Kit $kit): array {
                $find = urlencode('anything 1 x 1 orchard');
                foreach ($test->props("/kits/$kit->id/keep/scraps?find=$find")['found'] as $one) {
                    if ($one['fits'] !== []) {
                        return ['keep/use', ['sheet' => $one['id'], 'face' => $one['face'], 'part' => $one['fits'][0]]];
                    }
                }
                self::fail('Nothing is found that fits.');
            },
            'POST {kit}/make/pace' => static function (self $test, Kit $kit): array {
                $test->cutAll($kit);
                foreach ($kit->cards()->pluck('id') as $card) {
                    $test->travel(2)->minutes();
                    $test->act($kit, "make/$card", ['step' => 'score/base'])->assertSessionHasNoErrors();
                }

                return ['make/pace', []];
            },
            'POST {kit}/recipes/make/keep' => static function (self $test, Kit $kit): array {
                $asked = ['sheets' => '1', 'sheet' => '6 x 6', 'front' => 'A2', 'cards' => '2', 'alike' => '1'];
                $test->act($kit, 'recipes/make', [...$asked, 'papers' => '', 'seconds' => '1'])->assertSessionHasNoErrors();

                return ['recipes/make/keep', ['name' => 'Two from one']];
            },
            'POST {kit}/cards/{card}/treat' => static function (self $test, Kit $kit): array {
                $card = (int) $kit->cards()->value('id');
                $part = $test->props("/kits/$kit->id/cards/$card")['parts'][0]['id'];

                return ["cards/$card/treat", ['part' => $part, 'treatment' => 'corners', 'option' => 'two corners', 'isOn' => 1]];
            },
            'POST people/keep' => static function (self $test): array {
                $book = ['days_file' => $test->file('/people/people.vcf', 'people.vcf')];
                Person::query()->get()->each->forget();
                $to = (string) $test->post('/people/read', $book)->assertSessionHasNoErrors()->headers->get('Location');

                return ['/people/keep', ['token' => $test->props($to)['read']['token']]];
            },
        ];
    }

    /** @return array<string, array{string}> */
    public static function routes(): array
    {
        $routes = array_keys(self::acts());

        return array_map(static fn (string $route): array => [$route], array_combine($routes, $routes));
    }

    /** @return array<string, array{string}> */
    public static function routesThatGoByWhatIsSeen(): array
    {
        $goes = static fn (string $route): bool => str_contains($route, '{kit}') && ! in_array($route, self::STANDS_ALONE, true);

        return array_filter(self::routes(), $goes, ARRAY_FILTER_USE_KEY);
    }

    public function test_every_act_is_in_this_test(): void
    {
        $routes = [];
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['GET', 'HEAD']) as $method) {
                $routes[] = "$method ".preg_replace('~^kits/(?=\{kit\})~', '', $route->uri());
            }
        }
        $known = [...array_keys(self::acts()), ...self::NO_ACTS, ...self::ELSEWHERE];
        sort($routes);
        sort($known);
        self::assertSame($routes, $known);
    }

    #[DataProvider('routes')]
    public function test_an_act_is_undone_and_redone_exactly(string $route): void
    {
        $this->travelTo('2026-11-27 10:00');
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        [$path, $with] = self::acts()[$route]($this, $kit);
        $before = $this->rows();
        $acts = Act::query()->where('is_undone', false)->count();

        $this->asked(explode(' ', $route)[0], $kit, $path, $with)->assertSessionHasNoErrors();
        $after = $this->rows();
        self::assertNotSame($before, $after, 'something is done');
        self::assertSame($acts + 1, Act::query()->where('is_undone', false)->count(), 'it is one act');

        $ofKit = Act::query()->latest('id')->firstOrFail()->kit_id;
        $where = $ofKit === null ? '' : "/kits/$ofKit";
        $this->post("$where/undo", ['revision' => Kit::query()->find($ofKit)?->revision])->assertSessionHasNoErrors();
        self::assertSame($before, $this->rows(), 'taken back');
        $this->post("$where/redo", ['revision' => Kit::query()->find($ofKit)?->revision])->assertSessionHasNoErrors();
        self::assertSame($after, $this->rows(), 'done again');
    }

    #[DataProvider('routesThatGoByWhatIsSeen')]
    public function test_an_act_of_a_page_from_before_another_is_refused_and_changes_nothing(string $route): void
    {
        $this->travelTo('2026-11-27 10:00');
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        [$path, $with] = self::acts()[$route]($this, $kit);
        $stale = $with['revision'] ?? $kit->fresh()?->revision;
        Kit::query()->increment('revision');
        $before = $this->rows();
        $this->asked(explode(' ', $route)[0], $kit, $path, [...$with, 'revision' => $stale])->assertSessionHasErrors('table');
        self::assertSame($before, $this->rows());
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function asked(string $method, Kit $kit, string $path, array $with): TestResponse
    {
        $url = str_starts_with($path, '/') ? $path : rtrim("/kits/$kit->id/$path", '/');

        return $this->call($method, $url, ['revision' => $kit->fresh()?->revision, ...$with], [], $this->files($with));
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function files(array $with): array
    {
        return array_filter($with, static fn (mixed $one): bool => $one instanceof UploadedFile);
    }

    /** @return array<string, array<array<string, mixed>>> all records but their revisions, by table */
    private function rows(): array
    {
        $tables = array_column(DB::select("select name from sqlite_master where type = 'table' order by name"), 'name');
        $rows = [];
        foreach (array_diff($tables, self::BESIDE) as $table) {
            // A proposal is not on the table yet.
            $which = $table === 'solutions' ? "where kind != 'proposed'" : '';
            $rows[$table] = array_map(
                static fn (mixed $row): array => array_diff_key((array) $row, ['revision' => 0, 'moves' => 0, 'updated_at' => 0]),
                DB::select("select * from \"$table\" $which order by id"),
            );
        }

        return $rows;
    }

    private function gems(Kit $kit): int
    {
        return (int) $kit->components()->where('name', 'Amber gems')->valueOrFail('id');
    }

    /** A picture that no card takes. */
    private function unused(Kit $kit): int
    {
        $unused = $kit->components()->where('kind', 'die-cut')->whereNotIn('id', Taking::query()->select('component_id'));

        return (int) $unused->valueOrFail('id');
    }

    private function otherArrangement(Kit $kit, Card $card): string
    {
        return $this->props("/kits/$kit->id/arrange?card=$card->id")['inHand']['others'][0]['key'];
    }

    /**
     * @param  array<string, mixed>  $with
     * @return string the address of what came of it
     */
    private function added(Kit $kit, string $path, array $with): string
    {
        $this->act($kit, $path, $with)->assertSessionHasNoErrors();

        return "$path/".DB::table($path)->max('id');
    }

    private function class(Kit $kit): int
    {
        $this->act($kit, 'class', ['name' => 'Tuesday', 'people' => '6', 'recipe' => '', 'cards' => ''])->assertSessionHasNoErrors();

        return (int) ClassPlan::query()->max('id');
    }

    private function kept(Kit $kit): int
    {
        $this->act($kit, 'share-out/keep', ['name' => 'The first'])->assertSessionHasNoErrors();

        return $this->solution($kit, SolutionKind::Kept);
    }

    private function solution(Kit $kit, SolutionKind $kind): int
    {
        return (int) $kit->solutions()->where('kind', $kind)->valueOrFail('id');
    }

    /** @return array{string, array<string, mixed>} */
    private function proposal(Kit $kit): array
    {
        $this->act($kit, 'grid/pin', ['card' => $kit->cards()->value('id')])->assertSessionHasNoErrors();
        $this->act($kit, 'share-out', ['cards' => 5, 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();

        return ["share-out/solutions/{$this->solution($kit, SolutionKind::Proposed)}/accept", []];
    }

    /** @return array{string, array<string, mixed>} */
    private function measure(Kit $kit): array
    {
        foreach ($kit->cards()->with('takings')->get() as $card) {
            foreach ($this->props("/kits/$kit->id/cards/$card->id")['parts'] ?? [] as $part) {
                foreach ($part['measures'] ?? [] as $measure) {
                    return ["cards/$card->id/measure", [
                        'part' => $part['id'], 'measure' => $measure['name'], 'value' => $measure['value'], 'steps' => -1,
                    ]];
                }
            }
        }
        self::fail('No part of a card has a measure.');
    }

    private function taking(string $part, Kit $kit): Taking
    {
        return Taking::query()->where('part', $part)->whereRelation('card', 'kit_id', $kit->id)->firstOrFail();
    }

    private function cutAll(Kit $kit): void
    {
        while (($sheet = CutPlan::query()->whereNull('cut_at')->value('sheet_id')) !== null) {
            $this->act($kit, "cut/$sheet")->assertSessionHasNoErrors();
        }
    }

    /** @return array{scrap: string, option: string} */
    private function scrap(Kit $kit): array
    {
        foreach (array_merge(...array_column($this->props("/kits/$kit->id/keep")['tray'], 'scraps')) as $scrap) {
            if ($scrap['width'] > 400_000) {
                $chosen = $this->props("/kits/$kit->id/keep?scrap={$scrap['id']}")['chosen'];

                return ['scrap' => $scrap['id'], 'option' => $chosen['options'][0]['key']];
            }
        }
        self::fail('There is no scrap of that size.');
    }

    private function recipe(Kit $kit): string
    {
        $this->act($kit, 'recipes', ['name' => 'Four from the harbour', 'cards' => ''])->assertSessionHasNoErrors();

        return 'own-'.DB::table('recipes')->max('id');
    }

    /** @return array{string, array<string, mixed>} */
    private function wayOut(Kit $kit): array
    {
        for ($n = 0; $n < 10; $n++) {
            $this->act($kit, 'grid/duplicate', ['card' => $kit->cards()->value('id')])->assertSessionHasNoErrors();
        }
        foreach (array_merge(...array_column($this->props("/kits/$kit->id/share-out")['groups'], 'lines')) as $line) {
            foreach ($line['shorts'] as $short) {
                if ($short['ways'] !== []) {
                    return ['grid/way', ['card' => $short['card'], 'part' => $short['part'], 'says' => $short['ways'][0]['says']]];
                }
            }
        }
        self::fail('Nothing is short that there is a way out of.');
    }

    /** What an address offers, as a file to be read again. */
    private function file(string $url, string $name): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, (string) $this->get($url)->assertOk()->getContent());
    }

    /** @return array{string, array<string, mixed>} */
    private function confetti(Kit $kit): array
    {
        $this->cutAll($kit);

        $left = Sheet::query()->where(['is_whole' => false, 'state' => 'open'])->firstOrFail();
        $left->update(['width' => 40_000, 'height' => 400_000]);

        return ['keep/throw', []];
    }

    /** @return array{string, array<string, mixed>} */
    private function step(Kit $kit): array
    {
        $this->cutAll($kit);
        $step = $this->props("/kits/$kit->id/make/table")['step'];

        return ["make/{$step['id']}", ['step' => $step['step']]];
    }

    /** @return array{string, array<string, mixed>} */
    private function photo(Kit $kit): array
    {
        return ["tally/cards/{$kit->cards()->value('id')}/photo", ['photo' => UploadedFile::fake()->image('card.jpg', 60, 80)]];
    }
}
