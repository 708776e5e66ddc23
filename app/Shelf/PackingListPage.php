<?php

namespace App\Shelf;

use App\View\LineView;
use App\View\Page;
use KeepShare\Core\Entry\CsvLine;
use KeepShare\Core\Entry\CsvList;
use KeepShare\Core\Measure\Unit;

/**
 * A packing list as CSV: which column is which, and what every line says.
 *
 * @phpstan-import-type Sides from Fronts
 *
 * @phpstan-type PackedLine array{number: int, name: string, said: string|null, faults: list<string>}
 */
final readonly class PackingListPage extends Page
{
    /**
     * @param  'in'|'mm'  $unit
     * @param  Sides  $front
     * @param  list<string>  $header
     * @param  list<string>  $example
     * @param  array<string, int>  $columns  where each of ours stands
     * @param  list<string>  $ours
     * @param  list<PackedLine>  $lines
     */
    private function __construct(
        public string $token,
        public string $name,
        public string $unit,
        public array $front,
        public array $header,
        public array $example,
        public array $columns,
        public array $ours,
        public bool $isMapped,
        public array $lines,
    ) {
    }

    /** @param  array<string, int>|null  $columns  null where the maker has to say */
    public static function of(string $token, string $name, Csv $csv, ?array $columns, Unit $unit): self
    {
        $lines = $columns === null ? [] : CsvList::read($csv->by($columns), $unit);

        return new self(
            $token,
            $name,
            $unit->value,
            Fronts::usual()[$unit->value],
            $csv->header,
            $csv->rows[0] ?? [],
            $columns ?? $csv->known(),
            CsvList::COLUMNS,
            $columns !== null,
            array_map(static fn (CsvLine $line): array => [
                'number' => $line->number,
                'name' => $line->name,
                'said' => $line->component === null ? null : LineView::of($line->component, $unit),
                'faults' => $line->faults,
            ], $lines),
        );
    }
}
