<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut\File;

use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Cut\UsableAreas;
use KeepShare\Core\Json\BadJson;
use KeepShare\Core\Json\JsonText;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;

/** The open format keepshare/cut-order, version 1: docs/formats/cut-order.schema.json. */
final readonly class CutOrder
{
    public const FORMAT = 'keepshare/cut-order';

    public const VERSION = 1;

    public const MOST_BYTES = 2_000_000;

    /** The most sheets or pieces in all. */
    private const MOST = 2_000;

    /**
     * @param  list<OrderedSheets>  $sheets
     * @param  list<OrderedPieces>  $pieces
     * @param  list<OrderedPieces>  $useful  sizes that a leftover is the better for
     */
    private function __construct(
        public Unit $unit,
        public array $sheets,
        public array $pieces,
        public Trimmer $trimmer,
        public array $useful,
    ) {
    }

    /**
     * Reads a whole file or nothing of it.
     *
     * @throws BadCutOrder with every fault, its place and the reason
     */
    public static function read(string $json): self
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw BadCutOrder::because(['The file is larger than 2 MB. A cut order is a short text.']);
        }
        try {
            $data = JsonText::read($json, 16);
        } catch (BadJson $wrong) {
            throw BadCutOrder::because([$wrong->getMessage()]);
        }
        if (! is_array($data) || ($data['format'] ?? null) !== self::FORMAT) {
            throw BadCutOrder::because([sprintf('format: expected "%s".', self::FORMAT)]);
        }
        if (($data['version'] ?? null) !== self::VERSION) {
            throw BadCutOrder::because([sprintf('version: this Keep Share reads version %d of cut orders.', self::VERSION)]);
        }
        $unit = is_string($data['unit'] ?? null) ? Unit::tryFrom($data['unit']) : null;
        if ($unit === null) {
            throw BadCutOrder::because(['unit: expected "in" or "mm".']);
        }

        return self::lines($data, $unit);
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws BadCutOrder
     */
    private static function lines(array $data, Unit $unit): self
    {
        $faults = array_map(
            static fn (string $key): string => "$key: is not a field of a cut order.",
            array_values(
                array_map(
                    strval(...),
                    array_diff(array_keys($data), [
                        'format',
                        'version',
                        'unit',
                        'sheets',
                        'pieces',
                        'trimmer',
                        'useful',
                    ]),
                ),
            ),
        );
        $sheets = [];
        foreach (self::rows($data, 'sheets', $faults) as $place => $row) {
            $line = Line::of($row, $place, $unit, [
                'id',
                'paper',
                'width',
                'height',
                'count',
                'directional',
                'offcut',
                'save',
                'margin',
                'blemishes',
            ]);
            $count = $line->number('count', 1, self::MOST);
            $sheets[] = OrderedSheets::of(
                $line->text('id'),
                $line->text('paper'),
                $line->size(),
                $count,
                $line->flag('directional', false),
                $line->flag('offcut', false),
                $line->number('save', 0, $count, 0),
                $line->length('margin', Length::zero()),
                array_map(
                    static fn (Line $blemish): Rect => Rect::at(
                        $blemish->length('x', Length::zero()),
                        $blemish->length('y', Length::zero()),
                        $blemish->size(),
                    ),
                    $line->lines('blemishes', UsableAreas::MOST_BLEMISHES, ['x', 'y', 'width', 'height']),
                ),
            );
            array_push($faults, ...$line->faults());
        }
        $pieces = [];
        foreach (self::rows($data, 'pieces', $faults) as $place => $row) {
            $line = Line::of($row, $place, $unit, ['id', 'paper', 'width', 'height', 'count', 'turn', 'worth']);
            $size = $line->size();
            $pieces[] = OrderedPieces::of(
                $line->text('id'),
                $line->text('paper'),
                $size,
                $line->number('count', 1, self::MOST),
                $line->flag('turn', null),
                $line->number('worth', 1, 1_000_000_000, max(1, $size->area())),
            );
            array_push($faults, ...$line->faults());
        }
        $useful = [];
        foreach (isset($data['useful']) ? self::rows($data, 'useful', $faults) : [] as $place => $row) {
            $line = Line::of($row, $place, $unit, ['width', 'height', 'turn', 'worth']);
            $size = $line->size();
            $useful[] = OrderedPieces::of(
                $place,
                '',
                $size,
                1,
                $line->flag('turn', true),
                $line->number('worth', 1, 1_000_000, max(1, min(1_000_000, $size->area()))),
            );
            array_push($faults, ...$line->faults());
        }
        $limits = Line::of($data['trimmer'] ?? [], 'trimmer', $unit, ['longest', 'narrowest']);
        $usual = Trimmer::usual();
        $trimmer = Trimmer::of(
            $limits->has('longest') ? $limits->length('longest') : null,
            $limits->length('narrowest', $usual->narrowest),
        );
        array_push($faults, ...$limits->faults());
        array_push(
            $faults,
            ...self::repeats('sheets', array_column($sheets, 'id')),
            ...self::repeats('pieces', array_column($pieces, 'id')),
        );
        foreach (['sheets' => $sheets, 'pieces' => $pieces] as $what => $lines) {
            $all = array_sum(array_column($lines, 'count'));
            if ($all > self::MOST) {
                $faults[] = sprintf('%s: %d in all are more than can be planned (%d).', $what, $all, self::MOST);
            }
        }

        return $faults === [] ? new self($unit, $sheets, $pieces, $trimmer, $useful) : throw BadCutOrder::because($faults);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<string>  $faults
     * @return array<string, mixed> by place
     */
    private static function rows(array $data, string $key, array &$faults): array
    {
        $rows = $data[$key] ?? null;
        if (! is_array($rows) || ! array_is_list($rows) || $rows === []) {
            $faults[] = "$key: expected a list of at least one.";

            return [];
        }
        $by = [];
        foreach ($rows as $n => $row) {
            $by["{$key}[$n]"] = $row;
        }

        return $by;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function repeats(string $what, array $ids): array
    {
        $faults = [];
        $first = [];
        foreach ($ids as $n => $id) {
            if ($id !== '' && isset($first[$id])) {
                $faults[] = "{$what}[$n].id: \"$id\" is the id of {$what}[{$first[$id]}] already.";
            }
            $first[$id] ??= $n;
        }

        return $faults;
    }
}
