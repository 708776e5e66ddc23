<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/** A band that fills the room between two parts, less a gap to each. */
final class Between implements Rule
{
    public static function the(string $one, string $other, ?Dim $gap = null): Relation
    {
        return Relation::by(RelationKind::Between, $one, ['gap' => $gap ?? Dim::none()], ['and' => $other]);
    }

    public function measures(array $options): array
    {
        return ['gap' => Along::Shorter];
    }

    public function options(): array
    {
        return ['and' => null];
    }

    public function place(Placing $placing): Rect
    {
        $one = $placing->of;
        $other = $placing->and ?? throw CannotResolve::unknownPart($placing->part, '');
        $gap = $placing->length('gap')->units;
        $top = min($one->bottom()->units, $other->bottom()->units) + $gap;
        $height = max($one->y->units, $other->y->units) - $gap - $top;
        $left = min($one->right()->units, $other->right()->units) + $gap;
        $width = max($one->x->units, $other->x->units) - $gap - $left;

        return match (true) {
            $height > 0 => Rect::ofUnits($one->x->units, $top, $one->size->width->units, $height),
            $width > 0 => Rect::ofUnits($left, $one->y->units, $width, $one->size->height->units),
            default => throw CannotResolve::notBetween($placing->part),
        };
    }
}
