<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Shape;

/**
 * The outlines of die cuts and stickers in a box of 100 by 100. Colours count from 0, the largest first.
 *
 * @phpstan-import-type PaintedPath from Motifs
 */
final class Shapes
{
    public const BOX = 100;

    /** @return list<PaintedPath> */
    public static function of(Shape $shape): array
    {
        return self::all()[self::keyOf($shape)];
    }

    /** The shape that is drawn: its own, or a label if it has no outline. */
    public static function keyOf(Shape $shape): string
    {
        return isset(self::all()[$shape->value]) ? $shape->value : Shape::Label->value;
    }

    /** @return array<string, list<PaintedPath>> */
    private static function all(): array
    {
        /** @var array<string, list<PaintedPath>> */
        return Data::read('shapes');
    }
}
