<?php

namespace Tests\Feature\Safe;

use App\Models\Kit;
use App\Models\Person;
use App\Safe\Copies;
use App\Safe\CopyKind;
use App\Safe\Sweep;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** What is there for the worst day works on it: full folders of copies, damage, a start that was broken off. */
final class WorstDayTest extends OwnTableTestCase
{
    public function test_the_oldest_copy_is_opened_and_stays(): void
    {
        $kit = $this->laid();
        $names = [];
        for ($day = 0; $day < 7; $day++) {
            $names[] = $this->copies()->keep(CopyKind::Daily);
            $names[] = $this->copies()->keep(CopyKind::ByHand);
            $this->travel(1)->days();
        }
        $kit->update(['name' => 'Muddled']);
        foreach ([$names[1], $names[0]] as $oldest) {
            $this->openInstead("$this->folder/copies/$oldest");
            self::assertFileExists("$this->folder/copies/$oldest");
            self::assertSame(1, Kit::query()->where('name', 'Harbour Lanterns')->count());
            $this->travel(1)->minutes();
        }
        $kinds = array_count_values(array_map(static fn ($copy): string => $copy->kind->value, $this->copies()->all()));
        self::assertEquals(['before-opening' => 2, 'by-hand' => 5, 'daily' => 7], $kinds, 'seven of the days, and seven of the others');
    }

    public function test_a_copy_is_kept_though_others_are_dated_after_it(): void
    {
        $this->laid();
        $this->travel(1)->years();
        $ahead = [];
        for ($day = 0; $day < 7; $day++) {
            $this->travel(1)->days();
            $ahead[] = $this->copies()->keep(CopyKind::Daily);
        }
        $this->travelBack();
        self::assertTrue($this->copies()->isDue(), 'of today there is none');
        $today = $this->copies()->keep(CopyKind::Daily);
        self::assertNotNull($this->copies()->path($today));
        $this->travel(1)->days();
        self::assertNotNull($this->copies()->path($today));
        $this->copies()->keep(CopyKind::Daily);
        self::assertNotNull($this->copies()->path($today), 'those with a wrong date go first');
        self::assertCount(7, $this->copies()->all());
        self::assertNull($this->copies()->path($ahead[0]));
    }

    public function test_no_copy_goes_where_the_new_one_is_not_whole(): void
    {
        $this->laid();
        for ($n = 0; $n < 7; $n++) {
            $names[] = $this->copies()->keep(CopyKind::ByHand);
            $this->travel(1)->minutes();
        }
        DB::table('kits')->update(['wishes' => 'no JSON']);
        try {
            $this->copies()->keep(CopyKind::ByHand);
            self::fail('it cannot be saved');
        } catch (RuntimeException|\JsonException) {
            self::assertSame(array_reverse($names), array_column($this->copies()->all(), 'name'));
        }
    }

    /** @return array<string, array{string}> */
    public static function damages(): array
    {
        return ['the head' => ['head'], 'a page in the middle' => ['page'], 'cut in half' => ['half']];
    }

    #[DataProvider('damages')]
    public function test_a_damaged_table_is_told_at_the_start_put_aside_and_replaced(string $how): void
    {
        $this->laid();
        self::assertSame(0, Artisan::call('table:check'));
        $copy = $this->copies()->keep(CopyKind::Daily);
        $this->damage($how);
        $damaged = (string) file_get_contents($this->table);

        self::assertSame(2, Artisan::call('table:check'));
        $says = Artisan::output();
        self::assertStringContainsString('The table is damaged', $says);
        self::assertStringContainsString("php artisan table:open '$this->folder/copies/$copy' --instead", $says);
        self::assertSame($damaged, file_get_contents($this->table), 'nothing is done');

        file_put_contents("$this->folder/other.zip", 'no table');
        self::assertSame(2, Artisan::call('table:open', ['file' => "$this->folder/other.zip", '--instead' => true]));
        self::assertSame($damaged, file_get_contents($this->table), 'what is no table takes no place');

        $this->openInstead("$this->folder/copies/$copy");
        self::assertSame(0, Artisan::call('table:check'));
        self::assertSame(1, Kit::query()->where('name', 'Harbour Lanterns')->count());
        $aside = glob("$this->folder/damaged-*.sqlite") ?: [];
        self::assertCount(1, $aside);
        self::assertSame($damaged, file_get_contents($aside[0]));
        self::assertFileDoesNotExist("$this->table.new");
    }

    public function test_a_page_of_a_damaged_table_says_so_in_the_frame_and_an_act_changes_nothing(): void
    {
        $kit = $this->laid();
        $this->damage('head');
        $page = $this->get("/kits/$kit->id/share-out");
        $page->assertStatus(503);
        self::assertSame('Frame/GonePage', $page->viewData('page')['component']);
        self::assertStringContainsString('damaged', $page->viewData('page')['props']['says']);
        $this->from('/people')->post('/people', ['name' => 'Gus'])->assertSessionHasErrors('table')->assertSessionHasInput('name', 'Gus');
    }

    public function test_a_folder_that_cannot_be_written_is_said_and_what_was_typed_stays(): void
    {
        $this->laid();
        DB::statement('PRAGMA query_only = ON');
        $this->from('/people')->post('/people', ['name' => 'Gus'])->assertSessionHasErrors('table')->assertSessionHasInput('name', 'Gus');
        DB::statement('PRAGMA query_only = OFF');
        self::assertSame(0, Person::query()->where('name', 'Gus')->count());
    }

    public function test_a_full_disk_is_said_and_nothing_is_half_written(): void
    {
        $kit = $this->laid();
        $before = self::everything();
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        DB::statement('VACUUM');
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        for ($n = 0; $n < 50 && ! session()->has('errors'); $n++) {
            $this->from('/')->post("/kits/$kit->id/duplicate", ['revision' => $kit->fresh()?->revision]);
        }
        self::assertStringStartsWith('The disk is full.', session('errors')->first('table'));
        DB::statement('PRAGMA max_page_count = 1000000');
        self::assertSame('ok', DB::scalar('PRAGMA quick_check'));
        for ($i = 1; $i < $n; $i++) {
            $this->post('/undo')->assertSessionDoesntHaveErrors('undo');
        }
        self::assertCount(count($before['components']), self::everything()['components']);
    }

    public function test_a_start_that_was_broken_off_at_any_moment_goes_on_at_the_next(): void
    {
        $this->migrate();
        $whole = $this->schema();
        foreach ([1, 3, 9, 20, 31, 45, 58, 70, 83, 99, 120, 140, 163, 190] as $at) {
            $this->tearDownTable();
            $n = 0;
            DB::connection()->beforeExecuting(static function () use (&$n, $at): void {
                if (++$n === $at) {
                    throw new RuntimeException('The power went.');
                }
            });
            // It ends as a process that was killed does.
            rescue(static fn (): int => Artisan::call('migrate', ['--force' => true]), report: false);
            DB::purge();
            $this->migrate();
            self::assertSame($whole, $this->schema(), "broken off at statement $at");
        }
    }

    public function test_what_was_left_lying_about_is_swept_away_and_what_is_in_use_stays(): void
    {
        $this->laid();
        $copy = $this->copies()->keep(CopyKind::Daily);
        $old = time() - 3 * 86_400;
        $left = [
            'app/opening/a.zip',
            'app/scratch/abc/records-kits-1.json',
            'app/saved/b.zip',
            "copies/$copy.1234abcd.part",
        ];
        $stays = ['app/opening/new.zip', "copies/$copy", 'copies/mine.txt'];
        foreach ([...$left, ...$stays] as $file) {
            @mkdir(dirname("$this->folder/$file"), 0700, true);
            file_put_contents("$this->folder/$file", 'x', FILE_APPEND);
            touch("$this->folder/$file", $file === $stays[0] ? time() : $old);
        }
        touch("$this->folder/app/scratch/abc", $old);
        Sweep::leftovers();
        foreach ($left as $file) {
            self::assertFileDoesNotExist("$this->folder/$file");
        }
        foreach ($stays as $file) {
            self::assertFileExists("$this->folder/$file");
        }
    }

    private function copies(): Copies
    {
        return Copies::kept() ?? self::fail('Copies are kept.');
    }

    private function damage(string $how): void
    {
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        DB::purge();
        $bytes = (string) file_get_contents($this->table);
        $middle = intdiv(strlen($bytes), 8_192) * 4_096;
        file_put_contents($this->table, match ($how) {
            'head' => str_repeat("\0", 100).substr($bytes, 100),
            'page' => substr_replace($bytes, str_repeat("\xA5", 5 * 4_096), $middle, 5 * 4_096),
            default => substr($bytes, 0, $middle),
        });
    }

    private function tearDownTable(): void
    {
        DB::purge();
        array_map(unlink(...), glob("$this->table*") ?: []);
        touch($this->table);
    }

    /** @return list<string> */
    private function schema(): array
    {
        return array_column(DB::select('select coalesce(sql, name) as said from sqlite_master order by name'), 'said');
    }
}
