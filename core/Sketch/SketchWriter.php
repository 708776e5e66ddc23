<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** Writes a sketch as plain data that SketchReader reads back as the same. */
final class SketchWriter
{
    /** @return array<string, mixed> */
    public static function write(Sketch $sketch): array
    {
        return [
            'key' => $sketch->key,
            'name' => $sketch->name,
            'minutes' => $sketch->minutes,
            'cluster' => $sketch->cluster->value,
            'parts' => array_map(static fn (Part $part): array => [
                'id' => $part->id,
                'name' => $part->name,
                'role' => $part->role->value,
                'foam' => $part->foam,
                'relation' => self::relation($part->relation),
                'form' => ['kind' => $part->form->kind->value, 'options' => $part->form->options, 'measures' => self::measures($part->form->measures)],
            ], $sketch->parts),
            'focal' => self::relation($sketch->focal),
            'sentiment' => self::relation($sketch->sentiment),
        ];
    }

    /** @return array<string, mixed> */
    private static function relation(Relation $relation): array
    {
        return ['kind' => $relation->kind->value, 'of' => $relation->of, 'options' => $relation->options, 'measures' => self::measures($relation->measures)];
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
