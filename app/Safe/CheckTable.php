<?php

namespace App\Safe;

/** Checks a file of the whole table from end to end before anything is written. */
final readonly class CheckTable
{
    private Understood $understood;

    public function __construct(private TableFile $file, private Progress $progress)
    {
        $this->understood = new Understood;
    }

    /** @throws BadTable|Stopped at the first record that is not right */
    public function all(): void
    {
        foreach (RecordKinds::all() as $kind) {
            $this->kind($kind);
        }
    }

    private function kind(RecordKind $kind): void
    {
        $columns = $kind->columns();
        $once = new Once($kind);
        $many = 0;
        foreach ($this->file->records($kind->table) as $name => $records) {
            foreach ($records as $i => $record) {
                $place = "$name, record ".($i + 1);
                $held = $kind->held($columns, $record, $place);
                $once->check($held, $place);
                $this->picture($kind, $held, $place);
                $this->understood->check($kind, $held);
            }
            $many += count($records);
            $this->progress->more(count($records));
        }
        if ($many !== ($this->file->manifest->records[$kind->table] ?? 0)) {
            throw BadTable::because("table.json says there are other than $many records of $kind->table.");
        }
    }

    /** @param  array<string, mixed>  $held */
    private function picture(RecordKind $kind, array $held, string $place): void
    {
        if ($kind->picture === null) {
            return;
        }
        $name = $held[$kind->picture] ?? null;
        $this->understood->checkPicture($place, $this->file->contents(is_string($name) ? $name : ''));
    }
}
