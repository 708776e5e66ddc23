<?php

namespace Tests\Feature\Safe;

use App\Models\Kit;
use App\Safe\RecordKinds;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Feature\Support\OwnStorage;
use Tools\Bench\AllPages;

/** A table in a file of its own, with its copies beside it, as bin/demo has it. */
abstract class OwnTableTestCase extends TestCase
{
    use OwnStorage;

    protected string $folder;

    protected string $table;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = $this->ownStorage();
        $this->table = "$this->folder/table.sqlite";
        config(['database.connections.sqlite.database' => $this->table, 'copies.folder' => "$this->folder/copies"]);
        touch($this->table);
        DB::purge();
    }

    protected function tearDown(): void
    {
        DB::purge();
        parent::tearDown();
    }

    protected function migrate(): void
    {
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());
    }

    protected function openInstead(string $file): void
    {
        self::assertSame(0, Artisan::call('table:open', ['file' => $file, '--instead' => true]), Artisan::output());
    }

    protected function laid(): Kit
    {
        $this->migrate();
        self::assertSame(0, Artisan::call('demo:lay'), Artisan::output());

        return Kit::query()->where('is_stash', false)->firstOrFail();
    }

    /** @return array<string, list<array<array-key, mixed>>> all that is saved, by table */
    protected static function everything(): array
    {
        $everything = [];
        foreach (array_keys(RecordKinds::all()) as $table) {
            $everything[$table] = [];
            foreach (DB::table($table)->orderBy('id')->get() as $row) {
                $everything[$table][] = (array) $row;
            }
        }

        return $everything;
    }

    protected function assertEachPageOpens(Kit $kit): void
    {
        Queue::fake();
        foreach (['/', '/people', '/cards', '/gave', '/safe', ...AllPages::of($kit)] as $url) {
            $answer = $this->get($url);
            self::assertContains($answer->getStatusCode(), [200, 302], "$url: ".$answer->exception?->getMessage());
        }
    }
}
