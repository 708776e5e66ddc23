<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Dim;

/**
 * Writes an arrangement as plain data that ArrangementReader reads back as the same.
 *
 * @phpstan-type WrittenSpot array{
 *     id: string,
 *     stands: string,
 *     kind: string,
 *     of: string,
 *     measures: array<string, string>,
 *     options: array<string, string>,
 *     turn: int,
 *     lifted: bool,
 *     key: bool,
 *     right: string,
 *     down: string,
 * }
 * @phpstan-type WrittenArrangement array{key: string, name: string, family: string, cluster: string, spots: list<WrittenSpot>}
 */
final class ArrangementWriter
{
    /** @return WrittenArrangement */
    public static function write(Arrangement $arrangement): array
    {
        return [
            'key' => $arrangement->key,
            'name' => $arrangement->name,
            'family' => $arrangement->family->value,
            'cluster' => $arrangement->cluster->value,
            'spots' => array_map(self::spot(...), $arrangement->spots),
        ];
    }

    /** @return WrittenSpot */
    private static function spot(Spot $spot): array
    {
        return [
            'id' => $spot->id,
            'stands' => $spot->stands->value,
            'kind' => $spot->kind->value,
            'of' => $spot->of,
            'measures' => array_map(static fn (Dim $dim): string => $dim->write(), $spot->measures),
            'options' => $spot->options,
            'turn' => $spot->turn,
            'lifted' => $spot->isLifted,
            'key' => $spot->isKey,
            'right' => self::signed($spot->right),
            'down' => self::signed($spot->down),
        ];
    }

    /** An exact length as text: "1/8 in", "-3 mm". */
    private static function signed(int $units): string
    {
        $inches = Length::ofUnits(abs($units))->exact(Unit::Inch);

        return ($units < 0 ? '-' : '').(str_ends_with($inches, 'mm') ? $inches : "$inches in");
    }
}
