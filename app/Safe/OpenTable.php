<?php

namespace App\Safe;

use App\Journal\Journal;
use App\Models\Setting;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Puts the contents of a file of the whole table on the table: beside what is there, or instead. Everything is read and
 * understood first, and then written in one transaction.
 */
final readonly class OpenTable
{
    private const EACH_WRITE = 300;

    public function __construct(private Journal $journal)
    {
    }

    /**
     * Beside what is there. In an empty application everything keeps its numbers.
     *
     * @throws BadTable|Stopped
     */
    public function beside(string $path, ?Progress $progress = null): Manifest
    {
        if ($this->isEmpty()) {
            return $this->instead($path, $progress);
        }
        $progress ??= Progress::toNobody();

        return OlderTable::forward(TableFile::open($path), fn (TableFile $file): Manifest => $this->fileBeside($file, $progress));
    }

    private function fileBeside(TableFile $file, Progress $progress): Manifest
    {
        $this->check($file, $progress);
        $name = 'Open the table of '.substr($file->manifest->saved, 0, 10);
        $this->journal->actOnShelf($name, function () use ($file, $progress): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            $numbers = Numbers::after($this->lastIds());
            foreach (RecordKinds::all() as $kind) {
                $this->write($kind, $file, new BesideOthers($kind, $numbers), $progress);
            }
            $this->refuseLoose();
        });

        return $file->manifest;
    }

    /**
     * Instead of everything there is. What could be undone before cannot be undone afterwards.
     *
     * @throws BadTable|Stopped
     */
    public function instead(string $path, ?Progress $progress = null): Manifest
    {
        $progress ??= Progress::toNobody();

        return OlderTable::forward(TableFile::open($path), fn (TableFile $file): Manifest => $this->fileInstead($file, $progress));
    }

    private function fileInstead(TableFile $file, Progress $progress): Manifest
    {
        $this->check($file, $progress);
        DB::transaction(function () use ($file, $progress): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            $revisions = DB::table('kits')->max('revision');
            $moves = DB::table('kits')->max('moves');
            self::sweep();
            foreach (RecordKinds::all() as $kind) {
                $this->write($kind, $file, null, $progress);
            }
            $this->refuseLoose();
            // A page from before must not pass for one of the present kit.
            DB::table('kits')->incrementEach(['revision' => (int) $revisions + 1, 'moves' => (int) $moves + 1]);
        });
        // Search results for the old kits are not valid for the new ones.
        Cache::flush();

        return $file->manifest;
    }

    /**
     * Nothing is left on the table, and nothing on it is a sample. What could be undone before cannot be undone
     * afterwards.
     */
    public function clear(): void
    {
        DB::transaction(static function (): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            self::sweep();
            DB::table('settings')->insert(['name' => Setting::SAMPLES, 'value' => '0']);
        });
        Cache::flush();
    }

    private static function sweep(): void
    {
        $unsaved = ['changes', 'acts', 'solves', 'photographs', 'recipe_makings'];
        foreach ([...$unsaved, ...array_reverse(array_keys(RecordKinds::all()))] as $table) {
            DB::table($table)->delete();
        }
    }

    private function isEmpty(): bool
    {
        return DB::table('kits')->doesntExist() && DB::table('people')->doesntExist();
    }

    private function check(TableFile $file, Progress $progress): void
    {
        // Each record is read twice: to be understood, and to be written.
        $progress->begins(2 * $file->manifest->all());
        (new CheckTable($file, $progress))->all();
    }

    private function write(RecordKind $kind, TableFile $file, ?BesideOthers $beside, Progress $progress): void
    {
        $columns = $kind->columns();
        foreach ($file->records($kind->table) as $records) {
            foreach (array_chunk($records, self::EACH_WRITE) as $chunk) {
                $rows = [];
                foreach ($chunk as $record) {
                    /** @var array<string, mixed> $record */
                    $record = $kind->withPicture($file, $record);
                    $row = $beside === null ? $record : $beside->row($record);
                    if ($row !== null) {
                        $rows[] = self::held($columns, $row);
                    }
                }
                DB::table($kind->table)->insert($rows);
                if ($beside !== null) {
                    $this->journal->noteWritten($kind->table, $rows);
                }
                $progress->more(count($chunk));
            }
        }
    }

    /**
     * @param  array<string, Column>  $columns
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function held(array $columns, array $row): array
    {
        foreach ($row as $name => $said) {
            $row[$name] = $columns[$name]->held($said);
        }

        return $row;
    }

    /** @throws BadTable where a record names another that is not there */
    private function refuseLoose(): void
    {
        foreach (DB::select('PRAGMA foreign_key_check') as $loose) {
            throw BadTable::at("$loose->table, record $loose->rowid", "it names a record of $loose->parent that is not in the file.");
        }
    }

    /** @return array<string, int> the last id that was ever given, by table */
    private function lastIds(): array
    {
        $last = DB::table('sqlite_sequence')->pluck('seq', 'name')->all();

        return array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $last);
    }
}
