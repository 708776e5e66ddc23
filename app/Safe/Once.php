<?php

namespace App\Safe;

/** Checks whether something is in a file twice that may be there only once. */
final class Once
{
    /** @var list<list<string>> */
    private readonly array $uniques;

    /** @var array<string, true> */
    private array $seen = [];

    public function __construct(RecordKind $kind)
    {
        $this->uniques = $kind->uniques();
    }

    /**
     * @param  array<string, mixed>  $held
     *
     * @throws BadTable
     */
    public function check(array $held, string $place): void
    {
        foreach ($this->uniques as $n => $columns) {
            $is = $n.json_encode(array_map(static fn (string $name): mixed => $held[$name] ?? null, $columns));
            if (isset($this->seen[$is])) {
                throw BadTable::at($place, 'there is another with the same '.implode(' and ', $columns).'.');
            }
            $this->seen[$is] = true;
        }
    }
}
