<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/** A mat under another part, with the same reveal on every side. */
final class MatUnder implements Rule
{
    public static function under(string $of, ?Dim $reveal = null): Relation
    {
        return Relation::by(RelationKind::Mat, $of, ['reveal' => $reveal ?? Dim::reveal()]);
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
        $reveal = $placing->length('reveal');
        $at = static fn (int $units) => $placing->at($units - $reveal->units, 'reveal');

        return Rect::at($at($placing->of->x->units), $at($placing->of->y->units), $placing->of->size->grown($reveal));
    }
}
