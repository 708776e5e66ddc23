<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/**
 * Writes a sketch as plain data that SketchReader reads back as the same.
 *
 * @phpstan-type WrittenRelation array{
 *     kind: string,
 *     of: string,
 *     options: array<string, string>,
 *     measures: array<string, string>,
 * }
 * @phpstan-type WrittenForm array{kind: string, options: array<string, string>, measures: array<string, string>}
 * @phpstan-type WrittenPart array{
 *     id: string,
 *     name: string,
 *     role: string,
 *     foam: int,
 *     relation: WrittenRelation,
 *     form: WrittenForm,
 * }
 * @phpstan-type WrittenSketch array{
 *     key: string,
 *     name: string,
 *     minutes: int,
 *     cluster: string,
 *     focus: string,
 *     parts: list<WrittenPart>,
 *     focal: WrittenRelation,
 *     sentiment: WrittenRelation,
 * }
 */
final class SketchWriter
{
    /** @return WrittenSketch */
    public static function write(Sketch $sketch): array
    {
        return [
            'key' => $sketch->key,
            'name' => $sketch->name,
            'minutes' => $sketch->minutes,
            'cluster' => $sketch->cluster->value,
            'focus' => $sketch->focus->value,
            'parts' => array_map(self::part(...), $sketch->parts),
            'focal' => self::relation($sketch->focal),
            'sentiment' => self::relation($sketch->sentiment),
        ];
    }

    /** @return WrittenPart */
    private static function part(Part $part): array
    {
        return [
            'id' => $part->id,
            'name' => $part->name,
            'role' => $part->role->value,
            'foam' => $part->foam,
            'relation' => self::relation($part->relation),
            'form' => [
                'kind' => $part->form->kind->value,
                'options' => $part->form->options,
                'measures' => self::measures($part->form->measures),
            ],
        ];
    }

    /** @return WrittenRelation */
    private static function relation(Relation $relation): array
    {
        return [
            'kind' => $relation->kind->value,
            'of' => $relation->of,
            'options' => $relation->options,
            'measures' => self::measures($relation->measures),
        ];
    }

    /**
     * @param  array<string, Dim>  $measures
     * @return array<string, string>
     */
    private static function measures(array $measures): array
    {
        return array_map(static fn (Dim $dim): string => $dim->write(), $measures);
    }
}
