<?php

namespace App\Safe;

use App\Database\WholeMigrations;
use App\Files\Scratch;
use Closure;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A saved table of an older Keep Share. It is laid in a database of its own age, which then takes the same steps
 * forward as a table that was kept, and is saved again.
 */
final readonly class OlderTable
{
    private const CONNECTION = 'older';

    /** Columns that were there for some days and are in no migration any more. */
    private const PASSED = ['takings' => ['used_at']];

    private function __construct(private TableFile $file, private WholeMigrations $migrations)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(TableFile): T  $open  is given the file as this Keep Share would have written it
     * @return T
     *
     * @throws BadTable
     */
    public static function forward(TableFile $file, Closure $open): mixed
    {
        $older = new self($file, app('migrator'));
        if ($file->manifest->schema === array_key_last($older->migrations->known())) {
            return $open($file);
        }

        return Scratch::in(static function (string $folder) use ($older, $open): mixed {
            $older->broughtForward("$folder/table.sqlite", "$folder/table.zip");

            return $open(TableFile::open("$folder/table.zip"));
        });
    }

    private function broughtForward(string $database, string $zip): void
    {
        touch($database);
        $usual = DB::getDefaultConnection();
        config(['database.connections.'.self::CONNECTION => [...config("database.connections.$usual"), 'database' => $database]]);
        DB::setDefaultConnection(self::CONNECTION);
        try {
            $isOfAge = false;
            foreach ($this->migrations->known() as $name => $path) {
                $this->migrations->step($path);
                if (! $isOfAge && $this->isOfAge($name)) {
                    $this->lay();
                    $isOfAge = true;
                }
            }
            if (! $isOfAge) {
                throw BadTable::because('The table was saved by a newer Keep Share. Bring this one up to date, then open it again.');
            }
            SaveTable::to($zip);
        } catch (QueryException $wrong) {
            throw BadTable::because("The table is of an older Keep Share and cannot be brought forward ({$wrong->getMessage()}).");
        } finally {
            DB::setDefaultConnection($usual);
            DB::purge(self::CONNECTION);
        }
    }

    /** Whether the table was saved after this migration and before the next: the file says so, or has the same columns. */
    private function isOfAge(string $migration): bool
    {
        if ($this->file->manifest->schema !== null) {
            return $this->file->manifest->schema === $migration;
        }
        foreach (RecordKinds::all() as $table => $kind) {
            $missing = array_diff($this->columns($table), Schema::getColumnListing($table), self::PASSED[$table] ?? []);
            if ($missing !== []) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> what the first record of the kind has */
    private function columns(string $table): array
    {
        foreach ($this->file->records($table) as $records) {
            return array_map(strval(...), array_keys(is_array($records[0] ?? null) ? $records[0] : []));
        }

        return [];
    }

    private function lay(): void
    {
        DB::transaction(function (): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            foreach (array_reverse(RecordKinds::here()) as $table => $kind) {
                // What a new table begins with is in the file, or was taken off.
                DB::table($table)->delete();
            }
            foreach (RecordKinds::here() as $table => $kind) {
                foreach (array_intersect(self::PASSED[$table] ?? [], $this->columns($table)) as $passed) {
                    Schema::table($table, static fn ($blueprint) => $blueprint->string($passed)->nullable());
                }
                $columns = $kind->columns();
                foreach ($this->file->records($table) as $name => $records) {
                    foreach ($records as $i => $record) {
                        $held = $kind->held($columns, $record, "$name, record ".($i + 1));
                        DB::table($table)->insert($kind->withPicture($this->file, $held));
                    }
                }
            }
        });
    }
}
