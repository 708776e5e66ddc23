<?php

namespace App\Safe;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Schema;

/**
 * One table of records in a file of the whole table. The columns are asked of the database, so a new column needs
 * nothing here. What a record mentions within its texts must be said by hand.
 */
final readonly class RecordKind
{
    public string $table;

    /**
     * @param  class-string<Model>  $model
     * @param  array<string, Mention>  $mentions  by column
     * @param  string|null  $picture  the column that holds a picture as base64; in the file it is one of its own
     * @param  list<string>  $knownBy  where one that is here has the same in these columns, it is that one
     */
    private function __construct(public string $model, public array $mentions, public ?string $picture, public array $knownBy)
    {
        $this->table = (new $model)->getTable();
    }

    /**
     * @param  class-string<Model>  $model
     * @param  array<string, Mention>  $mentions  by column
     */
    public static function of(string $model, array $mentions = []): self
    {
        return new self($model, $mentions, null, []);
    }

    /** @param  class-string<Model>  $model */
    public static function knownBy(string $model, string ...$columns): self
    {
        return new self($model, [], null, array_values($columns));
    }

    /** @param  class-string<Model>  $model */
    public static function pictures(string $model): self
    {
        return new self($model, [], 'jpeg', []);
    }

    /** @return array<string, Column> by name, as the database has them */
    public function columns(): array
    {
        $parents = [];
        foreach (Schema::getForeignKeys($this->table) as $key) {
            $parents[$key['columns'][0]] = $key['foreign_table'];
        }
        $casts = (new $this->model)->getCasts();
        $columns = [];
        foreach (Schema::getColumns($this->table) as $column) {
            $name = $column['name'];
            $columns[$name] = Column::of($name, $column['type_name'], $column['nullable'], $casts[$name] ?? '', $parents[$name] ?? null);
        }

        return $columns;
    }

    /**
     * @param  array<string, Column>  $columns
     * @return array<string, mixed> as the database holds it; columns that are newer than the file are left out
     *
     * @throws BadTable where it cannot stand there
     */
    public function held(array $columns, mixed $record, string $place): array
    {
        $held = [];
        foreach (is_array($record) ? $record : throw BadTable::at($place, 'expected a record.') as $name => $said) {
            $column = $columns[$name] ?? throw BadTable::at($place, "there is no column \"$name\".");
            if (! $column->takes($said) || ($column->parent !== null && is_int($said) && $said < 1)) {
                throw BadTable::at("$place, $name", 'that cannot stand here.');
            }
            $held[$name] = $column->held($said);
        }
        if (! is_int($held['id'] ?? null) || $held['id'] < 1) {
            throw BadTable::at($place, 'it has no id.');
        }

        return $held;
    }

    /**
     * @param  array<string, mixed>  $record  which names its picture in the file
     * @return array<string, mixed> with the picture itself, as the database holds it
     *
     * @throws BadTable where it is damaged or not there
     */
    public function withPicture(TableFile $file, array $record): array
    {
        $name = $record[$this->picture ?? ''] ?? null;

        return is_string($name) ? [...$record, (string) $this->picture => base64_encode($file->contents($name))] : $record;
    }

    /** @return list<list<string>> the columns that together are found once only */
    public function uniques(): array
    {
        $unique = array_filter(Schema::getIndexes($this->table), static fn (array $index): bool => $index['unique']);

        return array_values(array_map(static fn (array $index): array => $index['columns'], $unique));
    }
}
