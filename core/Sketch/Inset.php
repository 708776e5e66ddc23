<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Rect;

/** The next layer: the same reveal on every side. */
final class Inset implements Rule
{
    public static function in(string $of, ?Dim $reveal = null): Relation
    {
        return Relation::by(RelationKind::Inset, $of, ['reveal' => $reveal ?? Dim::reveal()]);
    }

    public function measures(array $options): array
    {
        return ['reveal' => Along::Shorter];
    }

    public function options(): array
    {
        return [];
    }

    public function place(Placing $placing): Rect
    {
        try {
            return $placing->of->inset($placing->length('reveal'));
        } catch (BadMeasure) {
            throw $placing->nothingLeft('reveal');
        }
    }
}
