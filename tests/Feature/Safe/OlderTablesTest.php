<?php

namespace Tests\Feature\Safe;

use App\Journal\CannotUndo;
use App\Journal\Journal;
use App\Models\Kit;
use App\Safe\Copies;
use App\Safe\CopyKind;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Tables and copies of every age are brought forward and lose nothing. */
final class OlderTablesTest extends OwnTableTestCase
{
    /** @return array<string, array{string}> tables as earlier versions left them, by the commit that made them */
    public static function tables(): array
    {
        $files = glob(__DIR__.'/tables/*.sqlite.gz') ?: [];

        return array_combine(array_map(basename(...), $files), array_map(static fn (string $file): array => [$file], $files));
    }

    #[DataProvider('tables')]
    public function test_a_table_and_the_copy_of_it_from_before_the_update_open_with_all_that_was_in_them(string $file): void
    {
        file_put_contents($this->table, gzdecode((string) file_get_contents($file)));
        $was = array_map(static fn (object $card): array => [$card->id, $card->number], DB::table('cards')->get(['id', 'number'])->all());
        $this->migrate();
        $kit = Kit::query()->where('is_stash', false)->firstOrFail();
        self::assertSame($was, array_map(static fn ($card): array => [$card->id, $card->number], DB::table('cards')->get()->all()));
        $this->assertEachPageOpens($kit);
        $this->assertTakenBackAndDoneAgain($kit);

        $forward = self::everything();
        $copy = Copies::kept()?->all()[0];
        self::assertSame(CopyKind::BeforeUpdate, $copy?->kind);
        $this->travel(1)->minutes();
        $this->openInstead("$this->folder/copies/$copy->name");
        self::assertEquals(self::saidAlike($forward), self::saidAlike(self::everything()), 'the copy takes the same steps as the table');
        $this->assertEachPageOpens(Kit::query()->findOrFail($kit->id));
    }

    public function test_a_piece_that_was_used_up_at_a_moment_is_used_up_by_the_step_of_that_moment(): void
    {
        file_put_contents($this->table, gzdecode((string) file_get_contents(__DIR__.'/tables/8831df1.sqlite.gz')));
        $used = DB::table('takings')->whereNotNull('used_at')->count();
        self::assertGreaterThan(0, $used);
        $this->migrate();
        self::assertSame($used, DB::table('takings')->join('step_marks', static fn ($on) => $on
            ->on('step_marks.card_id', 'takings.card_id')->on('step_marks.step', 'takings.used_by'))->count());
    }

    public function test_no_migration_that_was_shipped_is_edited(): void
    {
        $known = json_decode((string) file_get_contents(__DIR__.'/migrations.json'), true);
        foreach (glob(database_path('migrations/*.php')) ?: [] as $file) {
            $name = basename($file, '.php');
            self::assertArrayHasKey($name, $known, "note the sum of $name in migrations.json");
            self::assertSame($known[$name], hash_file('sha256', $file), "$name was shipped: write another instead");
        }
    }

    /** As far as what was done is noted. */
    private function assertTakenBackAndDoneAgain(Kit $kit): void
    {
        $journal = app(Journal::class);
        $end = self::saidAlike(self::everything());
        try {
            for ($undone = 0; ; $undone++) {
                $journal->undo($kit);
            }
        } catch (CannotUndo $nothing) {
            self::assertSame(CannotUndo::nothing()->getMessage(), $nothing->getMessage());
        }
        for ($again = 0; $again < $undone; $again++) {
            $journal->redo($kit);
        }
        self::assertEquals($end, self::saidAlike(self::everything()));
    }

    /**
     * Without what every opening and every act moves, and when the examples of a new table were made.
     *
     * @param  array<string, list<array<array-key, mixed>>>  $rows
     * @return array<string, list<array<array-key, mixed>>>
     */
    private static function saidAlike(array $rows): array
    {
        $moves = ['revision' => 0, 'moves' => 0, 'created_at' => 0, 'updated_at' => 0];

        $still = static fn (array $row): array => array_diff_key($row, $moves);

        return array_map(static fn (array $kind): array => array_map($still, $kind), $rows);
    }
}
