<?php

namespace App\Safe;

/** New ids for the records of a file beside existing ones. Each table goes on after its last id. */
final class Numbers
{
    private const LAST = 1_000_000_000_000;

    /** @var array<string, array<int, int>> by table, ids that are given another */
    private array $others = [];

    /** @param  array<string, int>  $after  by table, the last id that is taken */
    private function __construct(private readonly array $after)
    {
    }

    /** @param  array<string, int>  $after  by table, the last id that is taken */
    public static function after(array $after): self
    {
        return new self($after);
    }

    public static function asTheyAre(): self
    {
        return new self([]);
    }

    /** This record is another one that is already here. */
    public function is(string $table, int $id, int $other): void
    {
        $this->others[$table][$id] = $other;
    }

    /** @throws BadTable where no record can have this id */
    public function of(string $table, int $id): int
    {
        if ($id < 1 || $id > self::LAST) {
            throw BadTable::because("no record of $table can be number $id.");
        }

        return $this->others[$table][$id] ?? $id + ($this->after[$table] ?? 0);
    }
}
