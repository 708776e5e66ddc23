<?php

namespace Tests\Feature\Safe;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\ClassPlan;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\OwnRecipe;
use App\Models\OwnSketch;
use App\Models\Palette;
use App\Models\Person;
use App\Models\PostLimit;
use App\Models\Setting;
use App\Models\Solution;
use App\Safe\BadTable;
use App\Safe\Copies;
use App\Safe\CopyKind;
use App\Safe\KeepCopy;
use App\Safe\OpenTable;
use App\Safe\Progress;
use App\Safe\RecordKinds;
use App\Safe\SaveTable;
use App\Safe\Stopped;
use App\Safe\TableSchema;
use App\Safe\TableWork;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchWriter;
use Opis\JsonSchema\Validator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\FeatureTestCase;
use ZipArchive;

/** Everything in one file, and back again without loss. */
final class TableTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/keepshare-test-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_busy_table_is_saved_and_opened_in_an_empty_application_record_by_record(): void
    {
        $this->busyTable();
        $before = $this->everything();
        SaveTable::to($this->file());
        $this->assertAsPublished($this->file());
        $this->sweep();
        self::assertSame(0, Kit::query()->count());

        $open = app(OpenTable::class);
        $open->beside($this->file());
        self::assertEquals($before, $this->everything());
        foreach (array_filter(RecordKinds::all(), static fn ($kind): bool => $kind->table !== 'csv_mappings') as $table => $kind) {
            self::assertNotEmpty($before[$table], "the table that is saved is busy enough to have $table");
        }
        $kit = Kit::query()->firstOrFail();
        $this->assertInBalance($kit);
        $this->act($kit, 'tally/cards/'.$kit->cards()->firstOrFail()->id, ['field' => 'stars', 'value' => '2'])->assertSessionHasNoErrors();
    }

    public function test_beside_what_is_here_everything_that_names_another_names_the_right_one_and_undo_takes_all_of_it_back(): void
    {
        $kit = $this->busyTable();
        SaveTable::to($this->file());
        // Meanwhile the table changes, so that other ids are taken.
        $more = Person::query()->create(['name' => 'Gus Wren']);
        $more->days()->create(['occasion' => 'birthday', 'month' => 5, 'day' => 6]);
        $this->act($kit, 'palettes', ['name' => 'Another', 'surfaces' => ['c1/0', 'c2/0']]);
        $this->act($kit, 'undo');
        $pages = $this->pages($kit);
        $before = $this->everything();

        app(OpenTable::class)->beside($this->file());
        $again = Kit::query()->where('name', $kit->name)->where('id', '!=', $kit->id)->firstOrFail();
        self::assertSame(1, Kit::query()->where('is_stash', true)->count(), 'there is one stash');
        self::assertSame(count($before['people']), Person::query()->count(), 'who is known is not written down twice');
        // The stash now has everything twice. Each kit is the same, card by card and cut by cut.
        self::assertSame($pages, $this->pages($again));
        $this->assertInBalance($kit);
        $this->assertInBalance($again);
        $own = OwnSketch::query()->latest('id')->firstOrFail();
        self::assertSame(["own-$own->id"], $again->refresh()->wishes['sketches_off'] ?? []);
        $paper = $again->papers()->firstOrFail();
        self::assertSame(["c$paper->id/0", "c$paper->id/1"], Palette::query()->where('kit_id', $again->id)->firstOrFail()->surfaces);
        $class = ClassPlan::query()->where('kit_id', $again->id)->firstOrFail();
        self::assertSame('own-'.OwnRecipe::query()->where('kit_id', $again->id)->firstOrFail()->id, $class->cards['recipe']);
        $solution = Solution::query()->where('kit_id', $again->id)->firstOrFail();
        $mine = [...$again->components()->pluck('id')->all(), ...Kit::stash()?->components()->pluck('id')->all() ?? []];
        foreach ($solution->toCore() as $card) {
            foreach ($card->takings as $taking) {
                self::assertContains((int) substr($taking->component, 1), $mine);
            }
        }

        app(Journal::class)->undo(null);
        self::assertEquals($before, $this->everything());
        app(Journal::class)->redo(null);
        self::assertSame($pages, $this->pages($again));
    }

    public function test_after_replacing_everything_no_older_page_passes_for_a_new_one(): void
    {
        $kit = $this->busyTable();
        $kit->update(['revision' => 40]);
        SaveTable::to($this->file());
        $this->act($kit, 'tally/cards/'.$kit->cards()->firstOrFail()->id, ['field' => 'stars', 'value' => '1']);
        $stale = $kit->fresh()?->revision;
        app(OpenTable::class)->instead($this->file());
        $now = $kit->fresh();
        self::assertGreaterThan($stale, $now?->revision);
        self::assertSame(4, $kit->cards()->firstOrFail()->stars, 'it is as it was saved');
        self::assertSame(0, DB::table('acts')->count());
    }

    /** @return array<string, string> what is done to the file, and what is said of it */
    private function faults(): array
    {
        return [
            'version' => 'of version 2',
            'format' => 'This is no saved table',
            'checksum' => 'its checksum is not what table.json says',
            'beside' => 'It holds a file that does not belong in a saved table',
            'unlisted' => 'table.json does not know of it',
            'missing' => 'it is missing',
            'size' => 'it is not as large as table.json says',
            'twice' => 'there is another with the same',
            'kind' => 'cannot be understood',
            'loose' => 'it names a record of kits that is not in the file',
            'negative' => 'that cannot stand here',
            'column' => 'there is no column "colour"',
            'list' => 'expected a list of records',
            'design' => 'cannot be understood',
            'count' => 'table.json says there are other than',
            'picture' => 'this is no JPEG picture',
            'unpacks' => 'it would unpack to more than any table has',
        ];
    }

    public function test_a_file_that_is_not_right_is_refused_with_the_reason_and_nothing_is_written(): void
    {
        $this->busyTable();
        SaveTable::to($this->file());
        $before = $this->everything();
        foreach ($this->faults() as $fault => $says) {
            $file = $this->broken($fault);
            foreach (['beside', 'instead'] as $way) {
                try {
                    app(OpenTable::class)->$way($file);
                    self::fail("$fault was opened $way");
                } catch (BadTable $wrong) {
                    self::assertStringContainsString($says, $wrong->getMessage(), $fault);
                }
            }
            self::assertEquals($before, $this->everything(), $fault);
        }
        self::assertSame(0, DB::table('acts')->where('name', 'like', 'Open the table%')->count());
    }

    public function test_a_damaged_file_is_never_half_opened(): void
    {
        $this->busyTable();
        SaveTable::to($this->file());
        $whole = (string) file_get_contents($this->file());
        $before = $this->everything();
        $random = new Randomizer(new Mt19937(15));
        for ($n = 0; $n < 60; $n++) {
            $torn = $whole;
            if ($n % 2 === 0) {
                $torn = substr($torn, 0, $random->getInt(0, strlen($whole) - 1));
            } else {
                $at = $random->getInt(0, strlen($whole) - 1);
                $torn[$at] = chr(ord($torn[$at]) ^ (1 << $random->getInt(0, 7)));
            }
            file_put_contents("$this->folder/torn.zip", $torn);
            try {
                app(OpenTable::class)->beside("$this->folder/torn.zip");
                app(Journal::class)->undo(null);
            } catch (BadTable) {
                // Refused, with a reason.
            }
            self::assertEquals($before, $this->everything(), "the tear of turn $n");
        }
    }

    public function test_it_can_be_stopped_and_then_nothing_is_written(): void
    {
        $this->busyTable();
        SaveTable::to($this->file());
        $before = $this->everything();
        $all = count($before, COUNT_RECURSIVE);
        foreach ([1, 3, 30, 45] as $after) {
            $calls = 0;
            $stops = Progress::told(static function () use (&$calls, $after): bool {
                return ++$calls <= $after;
            });
            try {
                app(OpenTable::class)->instead($this->file(), $stops);
                self::assertGreaterThan(3, $calls);
            } catch (Stopped) {
                self::assertEquals($before, $this->everything(), "stopped after $after");
            }
        }
        self::assertGreaterThan(100, $all);
        try {
            SaveTable::to("$this->folder/stopped.zip", Progress::told(static fn (int $done): bool => $done < 10));
            self::fail('It was not stopped.');
        } catch (Stopped) {
            self::assertSame(['.', '..', 'table.zip'], scandir($this->folder));
        }
    }

    public function test_copies_keep_themselves_daily_and_before_updates_the_newest_seven(): void
    {
        config(['copies.folder' => "$this->folder/copies"]);
        $copies = Copies::kept();
        self::assertNotNull($copies);
        self::assertFalse($copies->isDue(), 'there is nothing to keep yet');
        $this->harbour();
        $this->get('/')->assertOk();
        self::assertSame([CopyKind::Daily], array_column($copies->all(), 'kind'));
        $this->get('/')->assertOk();
        self::assertCount(1, $copies->all(), 'one a day');
        $this->travel(1)->days();
        $this->get('/')->assertOk();
        self::assertCount(2, $copies->all());

        for ($n = 0; $n < 9; $n++) {
            $this->travel(1)->minutes();
            KeepCopy::beforeUpdate();
        }
        self::assertSame(
            [...array_fill(0, 7, CopyKind::BeforeUpdate), CopyKind::Daily, CopyKind::Daily],
            array_column($copies->all(), 'kind'),
            'the days are counted apart',
        );
        $this->travel(1)->minutes();
        self::assertSame(0, Artisan::call('table:copy'));
        self::assertStringStartsWith("Kept $this->folder/copies/", Artisan::output());
        self::assertSame([CopyKind::ByHand, 9], [$copies->all()[0]->kind, count($copies->all())]);
        $name = $copies->all()[0]->name;
        $this->get("/safe/copies/$name")->assertOk()->assertDownload($name);
        $this->get('/safe/copies/..%2Ftable.sqlite')->assertNotFound();
        $shown = $this->props('/safe');
        self::assertSame(["$this->folder/copies", 9], [$shown['folder'], count($shown['copies'])]);

        Kit::query()->where('is_stash', false)->update(['name' => 'Muddled']);
        $this->travel(1)->minutes();
        $this->post("/safe/copies/$name", ['instead' => true])->assertRedirect('/safe');
        self::assertSame(1, Kit::query()->where('name', 'Harbour Lanterns')->count(), 'the copy took the place of it');
        self::assertSame(CopyKind::BeforeOpening, $copies->all()[0]->kind, 'of what was there a copy was kept first');
    }

    public function test_starting_with_ones_own_empties_the_table_and_puts_the_samples_aside(): void
    {
        $this->harbour();
        self::assertTrue($this->props('/')['areSamples']);
        config(['copies.folder' => null]);
        $this->post('/safe/own')->assertSessionHasErrors('table');
        self::assertSame(4, Kit::query()->count(), 'without a copy nothing goes');

        config(['copies.folder' => "$this->folder/copies"]);
        $this->post('/safe/own')->assertSessionHasNoErrors()->assertRedirect('/safe');
        self::assertStringStartsWith('The table is empty and yours.', $this->props('/safe')['work']['says']);
        self::assertSame([0, 0], [Kit::query()->count(), Person::query()->count()]);
        self::assertFalse($this->props('/')['areSamples']);
        $this->post('/safe/own')->assertNotFound();

        for ($n = 0; $n < 8; $n++) {
            $this->travel(1)->minutes();
            Copies::kept()?->keep(CopyKind::ByHand);
        }
        $copies = Copies::kept()?->all() ?? [];
        self::assertCount(8, $copies, 'the newest seven, and the samples');
        $copy = $copies[7];
        self::assertSame(CopyKind::Samples, $copy->kind);
        $this->post("/safe/copies/$copy->name", ['instead' => true])->assertRedirect('/safe');
        self::assertSame(4, Kit::query()->count());
        self::assertTrue($this->props('/')['areSamples'], 'they are samples again');
    }

    public function test_a_copy_that_cannot_be_kept_is_told_and_keeps_nobody_from_working(): void
    {
        touch("$this->folder/copies");
        config(['copies.folder' => "$this->folder/copies"]);
        $this->harbour();
        $this->get('/')->assertOk();
        self::assertStringContainsString('cannot be written', $this->props('/safe')['fault']);
    }

    public function test_the_page_saves_and_opens_and_says_what_is_wrong_at_the_field(): void
    {
        $this->harbour();
        $this->get('/safe/saved')->assertNotFound();
        $this->post('/safe/save')->assertRedirect('/safe');
        $work = $this->props('/safe')['work'];
        self::assertSame([false, false, true], [$work['isUnderWay'], $work['isFault'], $work['isSaving']]);
        $this->get('/safe/saved')->assertDownload($work['file']);
        $saved = (string) file_get_contents(storage_path("app/saved/{$work['file']}"));

        $this->post('/safe/open')->assertSessionHasErrors('table_file');
        $this->post('/safe/open', ['table_file' => UploadedFile::fake()->createWithContent('t.zip', substr($saved, 0, 3_000))])
            ->assertSessionHasErrors('table_file');
        self::assertSame(4, Kit::query()->count());
        $this->post('/safe/open', ['table_file' => UploadedFile::fake()->createWithContent('t.zip', $saved)])->assertRedirect('/safe');
        self::assertStringStartsWith('Opened beside what was here: 4 kits', $this->props('/safe')['work']['says']);
        self::assertSame(7, Kit::query()->count());
        $this->post('/undo');
        self::assertSame(4, Kit::query()->count());
        self::assertSame([], glob(storage_path('app/opening/*')), 'what was brought in is not left lying about');
        self::assertFalse(TableWork::isUnderWay());
    }

    public function test_the_commands_answer_with_their_exit_codes(): void
    {
        $this->harbour();
        self::assertSame(0, Artisan::call('table:save', ['file' => $this->file()]));
        self::assertSame(2, Artisan::call('table:save', ['file' => "$this->folder/nowhere/table.zip"]));
        self::assertSame(2, Artisan::call('table:open', ['file' => "$this->folder/no.zip"]));
        self::assertSame(0, Artisan::call('table:open', ['file' => $this->file(), '--instead' => true]));
        self::assertSame(4, Kit::query()->count());
    }

    public function test_the_published_schema_is_that_of_the_records(): void
    {
        $published = file_get_contents(base_path('docs/formats/table.schema.json'));
        self::assertSame(TableSchema::written(), $published, 'run php artisan table:schema');
    }

    /** Kits in the middle of the work, with everything that can be on a table. */
    private function busyTable(): Kit
    {
        $kit = $this->harbour();
        $sketch = OwnSketch::query()->create([
            'kit_id' => $kit->id,
            'name' => 'Mine',
            'definition' => SketchWriter::write(array_values(Sketches::all())[0]->named('', 'Mine')),
        ]);
        $saved = $kit->components()->firstOrFail()->coreId();
        $kit->update(['wishes' => ['sketches_off' => ["own-$sketch->id"], 'uses' => [$saved => 'save']]]);
        $this->shareOut($kit, 4, true);
        $this->act($kit, 'share-out/keep', ['name' => 'The first'])->assertSessionHasNoErrors();
        $this->act($kit, 'recipes', ['name' => 'Mine', 'cards' => ''])->assertSessionHasNoErrors();
        $recipe = 'own-'.OwnRecipe::query()->firstOrFail()->id;
        $this->act($kit, 'class', ['name' => 'Tuesday', 'people' => '6', 'recipe' => $recipe])->assertSessionHasNoErrors();
        $plan = CutPlan::for($kit)->whereNull('cut_at')->firstOrFail();
        $this->act($kit, "cut/{$plan->lineId()}")->assertSessionHasNoErrors();
        $card = $kit->cards()->with('takings')->firstOrFail();
        $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasNoErrors();
        $card->update(['stars' => 4, 'notes' => 'für Ida, “très” bien', 'went_wrong' => "bent\nand saved"]);
        $photo = UploadedFile::fake()->image('card.jpg', 60, 80);
        $this->act($kit, "tally/cards/$card->id/photo", ['photo' => $photo])->assertSessionHasNoErrors();
        $component = $kit->papers()->firstOrFail();
        $palette = ['name' => 'Sea', 'surfaces' => ["c$component->id/0", "c$component->id/1"]];
        $this->act($kit, 'palettes', $palette)->assertSessionHasNoErrors();
        $jpeg = CardPhoto::query()->firstOrFail()->jpeg;
        DB::table('photos')->insert(['component_id' => $component->id, 'face' => 0, 'jpeg' => $jpeg]);
        $this->post('/people/occasions', ['name' => 'Name day'])->assertSessionHasNoErrors();
        DB::table('scrap_moves')->insert(['component_id' => $component->id, 'what' => 'in', 'area' => 900]);
        DB::table('waivers')->insert(['card_id' => $card->id, 'check' => 'height', 'why' => 'it goes in a box']);
        DB::table('arrangements')->insert($this->arrangement($kit));
        $person = Person::query()->firstOrFail();
        $card->update($person->days()->firstOrFail()->meaning() ?? []);
        Setting::put(Setting::POST_DAYS, '6');
        PostLimit::query()->firstOrFail()->update(['name' => 'a slim letter', 'is_example' => false]);

        return $kit->refresh();
    }

    /** @return array<string, mixed> */
    private function arrangement(Kit $kit): array
    {
        $centred = \KeepShare\Core\Arrange\Arrangements::all()['centred'];
        $written = \KeepShare\Core\Arrange\ArrangementWriter::write($centred->named('', 'Mine'));

        return ['kit_id' => $kit->id, 'name' => 'Mine', 'definition' => json_encode($written)];
    }

    /** @return array<string, array<mixed>> every record, by table; lists as what they say */
    private function everything(): array
    {
        $all = [];
        foreach (RecordKinds::all() as $table => $kind) {
            $columns = $kind->columns();
            $all[$table] = DB::table($table)->orderBy('id')->get()->map(static function (object $row) use ($columns): array {
                $record = array_diff_key((array) $row, ['revision' => true, 'moves' => true]);
                foreach ($record as $name => $value) {
                    $record[$name] = $columns[$name]->said($value);
                }

                return $record;
            })->all();
        }

        return $all;
    }

    /** @return array<string, string> what a kit is on paper and on its pages, without the numbers of records */
    private function pages(Kit $kit): array
    {
        $pages = [];
        foreach (['share-out/export.csv', 'tally/record.json', 'tally/materials.md'] as $file) {
            $pages[$file] = (string) $this->get("/kits/$kit->id/$file")->assertOk()->getContent();
        }
        $this->busyWorker($kit);
        foreach (['cut', 'share-out/compare', 'make', 'tally/cards'] as $page) {
            $props = json_encode(array_diff_key($this->props("/kits/$kit->id/$page"), ['frame' => 1, 'goods' => 1, 'errors' => 1]));
            $pages[$page] = $this->withoutIds((string) $props);
        }

        return $pages;
    }

    private function withoutIds(string $props): string
    {
        return (string) preg_replace(
            '#"(c|own-|s)?\d+(~|\\\\?/\d)?"|"(id|card)":\d+|(kits|cards|card-photos|solutions)\\\\?/\d+|\[\d+(,\d+)*\]#',
            '#',
            $props,
        );
    }

    private function sweep(): void
    {
        DB::statement('PRAGMA defer_foreign_keys = ON');
        foreach (['changes', 'acts', 'solves', 'photographs', ...array_reverse(array_keys(RecordKinds::all()))] as $table) {
            DB::table($table)->delete();
        }
    }

    private function file(): string
    {
        return "$this->folder/table.zip";
    }

    /** The saved table with one fault in it. */
    private function broken(string $fault): string
    {
        $path = "$this->folder/$fault.zip";
        copy($this->file(), $path);
        $zip = new ZipArchive;
        $zip->open($path);
        $manifest = json_decode((string) $zip->getFromName('table.json'), true);
        match ($fault) {
            'version' => $manifest['version'] = 2,
            'format' => $manifest['format'] = 'keepshare/kit',
            'checksum' => $manifest['files']['records/cards-1.json']['sha256'] = str_repeat('0', 64),
            'beside' => $zip->addFromString('../../evil.php', 'no'),
            'unlisted' => $zip->addFromString('records/cards-9.json', '[]'),
            'missing' => $zip->deleteName('records/waivers-1.json'),
            'size' => $manifest['files']['records/cards-1.json']['bytes'] = 7,
            'count' => $manifest['records']['cards'] = 1,
            'unpacks' => $zip->addFromString('records/cards-9.json', str_repeat("\0", 65_000_000)),
            default => null,
        };
        $file = ['picture' => 'pictures/card_photos-1.jpg', 'kind' => 'records/kits-1.json', 'column' => 'records/people-1.json'][$fault]
            ?? 'records/cards-1.json';
        $said = (string) $zip->getFromName($file);
        $said = match ($fault) {
            'picture' => 'no picture at all',
            'list' => '{"id": 1}',
            default => $this->rewritten($fault, $said),
        };
        if ($said !== $zip->getFromName($file)) {
            $zip->addFromString($file, $said);
            $manifest['files'][$file] = ['bytes' => strlen($said), 'sha256' => hash('sha256', $said)];
        }
        $zip->addFromString('table.json', (string) json_encode($manifest));
        $zip->close();

        return $path;
    }

    private function rewritten(string $fault, string $said): string
    {
        $records = json_decode($said, true);
        match ($fault) {
            'twice' => $records[1]['number'] = $records[0]['number'],
            'kind' => $records[0]['unit'] = 'ell',
            'loose' => $records[0]['kit_id'] = 99_999,
            'negative' => $records[0]['kit_id'] = -1,
            'column' => $records[0]['colour'] = 'blue',
            'design' => $records[0]['design'] = ['key' => 'x', 'name' => 'x', 'parts' => [['id' => 'a', 'role' => 'nothing']]],
            default => null,
        };

        return in_array($fault, ['twice', 'kind', 'loose', 'negative', 'column', 'design'], true) ? (string) json_encode($records) : $said;
    }

    private function assertAsPublished(string $path): void
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/table.schema.json')));
        unset($schema->{'$id'});
        $zip = new ZipArchive;
        $zip->open($path);
        self::assertTrue((new Validator)->validate(json_decode((string) $zip->getFromName('table.json')), $schema)->isValid());
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (preg_match('#^records/(\w+)-\d+\.json$#', $name, $found) === 1) {
                $records = json_decode((string) $zip->getFromIndex($i));
                self::assertTrue((new Validator)->validate($records, $schema->{'$defs'}->{$found[1]})->isValid(), $name);
            }
        }
    }
}
