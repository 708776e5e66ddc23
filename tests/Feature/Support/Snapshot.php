<?php

namespace Tests\Feature\Support;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * All rows of a table at one moment. What many tests begin with is done by the first test of a process. The others
 * begin with the result, if their table is the same and it is the same day.
 */
final class Snapshot
{
    /** @var array<string, self> what came of what was done, by that and how the table lay */
    private static array $known = [];

    /** @param  array<string, list<array<string, mixed>>>  $rows  by table */
    private function __construct(private readonly array $rows)
    {
    }

    /**
     * @param  string  $what  is done; the same name is the same act
     * @param  Closure(): void  $do
     */
    public static function after(string $what, Closure $do): void
    {
        $before = self::taken();
        $today = CarbonImmutable::today()->format('Y-m-d');
        $key = "$what on $today ".hash('xxh128', serialize($before->rows));
        if (isset(self::$known[$key])) {
            self::$known[$key]->lay($before);

            return;
        }
        $do();
        self::$known[$key] = self::taken();
    }

    private static function taken(): self
    {
        static $tables = null;
        $tables ??= array_column(DB::select("select name from sqlite_master where type = 'table' order by name"), 'name');
        $rows = [];
        foreach ($tables as $table) {
            $rows[$table] = self::rows($table);
        }

        return new self($rows);
    }

    /** @return list<array<string, mixed>> */
    private static function rows(string $table): array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = array_map(static fn (mixed $row): array => (array) $row, DB::select("select * from \"$table\""));

        return $rows;
    }

    private function lay(self $instead): void
    {
        DB::transaction(function () use ($instead): void {
            DB::statement('pragma defer_foreign_keys = on');
            $changed = array_filter(
                $this->rows,
                static fn (array $rows, string $table): bool => $rows !== $instead->rows[$table],
                ARRAY_FILTER_USE_BOTH,
            );
            foreach (array_keys($changed) as $table) {
                DB::statement("delete from \"$table\"");
            }
            foreach ($changed as $table => $rows) {
                self::write($table, $rows);
            }
            // The counters have moved on, and the next record gets the number it would have had.
            DB::statement('delete from sqlite_sequence');
            self::write('sqlite_sequence', $this->rows['sqlite_sequence']);
        });
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function write(string $table, array $rows): void
    {
        if ($rows === []) {
            return;
        }
        $columns = implode(', ', array_map(static fn (string $column): string => "\"$column\"", array_keys($rows[0])));
        $places = implode(', ', array_fill(0, count($rows[0]), '?'));
        $insert = DB::connection()->getPdo()->prepare("insert into \"$table\" ($columns) values ($places)");
        foreach ($rows as $row) {
            foreach (array_values($row) as $n => $value) {
                $insert->bindValue($n + 1, $value, is_int($value) ? PDO::PARAM_INT : PDO::PARAM_STR);
            }
            $insert->execute();
        }
    }
}
