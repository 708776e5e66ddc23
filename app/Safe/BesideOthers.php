<?php

namespace App\Safe;

use App\Models\Kit;
use Illuminate\Support\Facades\DB;

/** A record that is added beside what is here. It gets a number of its own, and so does everything it names. */
final class BesideOthers
{
    /** @var array<string, Column> */
    private readonly array $columns;

    /** @var array<string, true> keys given to components, by kit */
    private array $given = [];

    public function __construct(private readonly RecordKind $kind, private readonly Numbers $numbers)
    {
        $this->columns = $kind->columns();
    }

    /**
     * @param  array<string, mixed>  $record
     * @return array<string, mixed>|null null where it is one that is here
     */
    public function row(array $record): ?array
    {
        /** @var int $id */
        $id = $record['id'];
        $row = $this->renumbered($record);
        $here = $this->here($row);
        if ($here !== null) {
            $this->numbers->is($this->kind->table, $id, $here);

            return null;
        }

        return $this->kind->table === 'components' ? $this->amongOthers($row) : $row;
    }

    /**
     * @param  array<string, mixed>  $record
     * @return array<string, mixed>
     */
    private function renumbered(array $record): array
    {
        foreach ($record as $name => $value) {
            $table = $name === 'id' ? $this->kind->table : $this->columns[$name]->parent;
            $mention = $this->kind->mentions[$name] ?? null;
            $record[$name] = match (true) {
                $table !== null && is_int($value) => $this->numbers->of($table, $value),
                $mention !== null => $mention->renumbered($value, $this->numbers),
                default => $value,
            };
        }

        return $record;
    }

    /**
     * The record that is already here, if there is one. There is only one stash, so the contents of the file's stash
     * join it.
     *
     * @param  array<string, mixed>  $row
     */
    private function here(array $row): ?int
    {
        if ($this->kind->table === 'kits' && $row['is_stash'] === true) {
            return Kit::stash()?->id;
        }
        if ($this->kind->knownBy === []) {
            return null;
        }
        $id = DB::table($this->kind->table)->where(array_intersect_key($row, array_flip($this->kind->knownBy)))->value('id');

        return is_int($id) ? $id : null;
    }

    /**
     * Keys of goods that join the stash must not clash with those that are there.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function amongOthers(array $row): array
    {
        $key = is_string($row['key']) ? $row['key'] : '';
        $in = is_int($row['kit_id']) ? $row['kit_id'] : 0;
        for ($n = 2, $free = $key; $this->isTaken($in, $free); $n++) {
            $free = mb_substr($key, 0, 50)."-$n";
        }
        $this->given["$in/$free"] = true;

        return [...$row, 'key' => $free];
    }

    private function isTaken(int $kit, string $key): bool
    {
        return isset($this->given["$kit/$key"]) || DB::table('components')->where(['kit_id' => $kit, 'key' => $key])->exists();
    }
}
