<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Shape;

/**
 * The outlines of die cuts and stickers in a box of 100 by 100; colours count from 0, the largest first.
 *
 * @phpstan-import-type PaintedPath from Motifs
 */
final class Shapes
{
    public const BOX = 100;

    /** @return list<PaintedPath> */
    public static function of(Shape $shape): array
    {
        /** @var array<string, list<PaintedPath>> $shapes */
        $shapes = Data::read('shapes');

        return $shapes[$shape->value] ?? $shapes[Shape::Label->value];
    }
}
