<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Measure\Unit;

/**
 * A packing list as a table, one component a line: docs/formats/packing-list.md.
 *
 * A line is turned into what a keepshare/kit file would say and read as such, so both refuse the same things.
 */
final class CsvList
{
    public const COLUMNS = [
        'kind', 'name', 'count', 'width', 'height', 'colour', 'back', 'motif', 'back motif', 'busy', 'directional',
        'serves', 'shape', 'words', 'occasions', 'finish', 'weight', 'form', 'length', 'thickness',
    ];

    public const NEEDED = ['kind', 'name'];

    public const MOST_LINES = 2_000;

    private const GREY = '#d8d5cc';

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
        $row = array_filter(array_map(trim(...), $row), static fn (string $cell): bool => $cell !== '');
        $kind = Kind::tryFrom(strtr(mb_strtolower($row['kind'] ?? ''), ' ', '-'))
            ?? throw BadKit::at($place, '"'.mb_strimwidth($row['kind'] ?? '', 0, 30, '…').'" is not a kind. They are '.implode(', ', array_column(Kind::cases(), 'value')).'.');
        $line = ['id' => Slug::unique($row['name'] ?? 'item', $taken), 'kind' => $kind->value, 'name' => $row['name'] ?? null, ...self::number($kind, $row), ...self::fields($kind, $row)];

        return KitFile::component(array_filter($line, static fn (mixed $value): bool => $value !== null), $unit, $place);
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>
     */
    private static function number(Kind $kind, array $row): array
    {
        $count = $row['count'] ?? null;
        if ($kind->isByLength()) {
            return ['length' => $row['length'] ?? $count];
        }
        if (mb_strtolower($count ?? '') === 'plenty') {
            return ['plenty' => true];
        }

        return ['count' => $count !== null && preg_match('/^-?\d{1,9}$/', $count) === 1 ? (int) $count : $count];
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, mixed>
     */
    private static function fields(Kind $kind, array $row): array
    {
        $size = isset($row['width']) || isset($row['height']) ? ['width' => $row['width'] ?? '', 'height' => $row['height'] ?? ''] : null;
        $colour = $row['colour'] ?? self::GREY;
        $words = isset($row['words']) ? ['words' => $row['words'], 'occasions' => preg_split('/[\s,;|]+/', mb_strtolower($row['occasions'] ?? ''), -1, PREG_SPLIT_NO_EMPTY) ?: []] : [];

        return match ($kind) {
            Kind::Paper, Kind::Panel => ['size' => $size, 'faces' => self::faces($row, $colour)],
            Kind::Cardstock => ['size' => $size, 'colour' => $colour, 'back' => $row['back'] ?? null, 'finish' => $row['finish'] ?? null, 'weight' => $row['weight'] ?? null],
            Kind::Base => ['front' => $size, 'colour' => $row['colour'] ?? '#ffffff'],
            Kind::Envelope => ['size' => $size, 'colour' => $row['colour'] ?? '#ffffff'],
            Kind::DieCut, Kind::Sticker, Kind::LayeredPicture => [
                'size' => $size,
                'serves' => $row['serves'] ?? ($words === [] ? Serves::Image->value : Serves::Sentiment->value),
                'shape' => $row['shape'] ?? ($words === [] ? Shape::Circle->value : Shape::Label->value),
                'colours' => array_values(array_filter([$colour, $row['back'] ?? null])),
                'stuff' => $kind === Kind::Sticker ? $row['form'] ?? null : null,
                'thickness' => $kind === Kind::Sticker ? $row['thickness'] ?? null : null,
                ...$words,
            ],
            Kind::Embellishment, Kind::Ribbon => ['colour' => $colour],
            Kind::Foam => ['thickness' => $row['thickness'] ?? '2mm'],
            Kind::Adhesive => ['form' => $row['form'] ?? 'glue', 'plenty' => isset($row['count']) ? null : true],
            Kind::Stamp => ['size' => $size, ...$words],
            Kind::Tool => ['tool' => $row['form'] ?? 'die', 'makes' => $size, 'shape' => $row['shape'] ?? null],
        };
    }

    /**
     * @param  array<string, string>  $row
     * @return list<array<string, mixed>>
     */
    private static function faces(array $row, string $colour): array
    {
        $name = $row['name'] ?? '';
        $isYes = static fn (?string $cell): bool => in_array(mb_strtolower($cell ?? ''), ['yes', 'y', 'true', '1', 'x', 'busy'], true);

        return [
            ['name' => $name, 'motif' => $row['motif'] ?? Motif::Solid->value, 'colours' => [$colour, ...array_filter([$row['back'] ?? null])], 'busy' => $isYes($row['busy'] ?? null), 'directional' => $isYes($row['directional'] ?? null)],
            ['name' => "$name, back", 'motif' => $row['back motif'] ?? Motif::Solid->value, 'colours' => [$row['back'] ?? $colour]],
        ];
    }
}
