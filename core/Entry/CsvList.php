<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Kit\TableRow;
use KeepShare\Core\Measure\Unit;

/**
 * A packing list as a table, one component a line: docs/formats/packing-list.md.
 *
 * A line becomes what a keepshare/kit file would say and is then read as such. So both refuse the same things.
 */
final class CsvList
{
    public const COLUMNS = [
        'kind', 'name', 'count', 'width', 'height', 'colour', 'back', 'motif', 'back motif', 'busy', 'directional',
        'serves', 'shape', 'words', 'occasions', 'finish', 'weight', 'form', 'length', 'thickness',
    ];

    public const NEEDED = ['kind', 'name'];

    public const MOST_LINES = 2_000;

    /**
     * @param  list<array<string, string>>  $rows  cells by column
     * @return list<CsvLine> one for each row
     */
    public static function read(array $rows, Unit $unit): array
    {
        $lines = [];
        $taken = [];
        foreach ($rows as $n => $row) {
            try {
                $component = self::component($row, $unit, $taken, 'line '.($n + 2));
                $taken[] = $component->id;
                $lines[] = CsvLine::good($n + 2, $component);
            } catch (BadKit $wrong) {
                $lines[] = CsvLine::bad($n + 2, $row['name'] ?? '', $wrong->faults);
            }
        }

        return $lines;
    }

    /**
     * @param  array<string, string>  $row
     * @param  list<string>  $taken
     */
    private static function component(array $row, Unit $unit, array $taken, string $place): Component
    {
        $cells = TableRow::of($row);
        $said = $cells->cell('kind') ?? '';
        $kind = Kind::tryFrom(strtr(mb_strtolower($said), ' ', '-'))
            ?? throw BadKit::at($place, sprintf(
                '"%s" is not a kind. They are %s.',
                mb_strimwidth($said, 0, 30, '…'),
                implode(', ', array_column(Kind::cases(), 'value')),
            ));
        $line = [
            'id' => Slug::unique($cells->cell('name') ?? 'item', $taken),
            'kind' => $kind->value,
            'name' => $cells->cell('name'),
            ...self::number($kind, $cells),
            ...$kind->good()::inRow($cells),
        ];

        return KitFile::component(array_filter($line, static fn (mixed $value): bool => $value !== null), $unit, $place);
    }

    /** @return array<string, mixed> */
    private static function number(Kind $kind, TableRow $row): array
    {
        $count = $row->cell('count');
        if ($kind->isByLength()) {
            return ['length' => $row->cell('length') ?? $count];
        }
        if (mb_strtolower($count ?? '') === 'plenty') {
            return ['plenty' => true];
        }

        return ['count' => $count !== null && preg_match('/^-?\d{1,9}$/', $count) === 1 ? (int) $count : $count];
    }
}
