<?php

namespace App\Drawing;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Shape;

/**
 * A die cut or sticker as it is drawn: its outline in a box of 100 by 100, and its words at their real size.
 *
 * @phpstan-type ThingPath array{d: string, fill: string, stroke: string, line: float}
 * @phpstan-type ThingPicture array{
 *     paths: list<ThingPath>,
 *     text: string,
 *     letter: float, // how high, as a part of the height of the whole
 *     ink: string,
 * }
 */
final class ThingDrawing
{
    /**
     * @param  string  $name  written on what is known by no shape
     * @return ThingPicture
     */
    public static function of(Printed $printed, string $name = ''): array
    {
        $colours = array_map(static fn (Colour $colour): string => $colour->hex, $printed->colours);
        $isUnknown = $printed->shape === Shape::Plain && $printed->words === null;
        $text = $isUnknown ? $name : $printed->words->text ?? '';

        return [
            'paths' => array_map(static fn (array $path): array => self::path($path, $colours), Shapes::of($printed->shape)),
            'text' => $text,
            'letter' => Lettering::on($printed, $text),
            'ink' => $colours[1] ?? Ink::DARK,
        ];
    }

    /**
     * @param  array{d: string, colour: int, width?: float|int}  $path
     * @param  list<string>  $colours
     * @return ThingPath
     */
    private static function path(array $path, array $colours): array
    {
        $colour = $colours[$path['colour']] ?? $colours[0] ?? Ink::UNKNOWN;
        $line = (float) ($path['width'] ?? 0);

        return [
            'd' => $path['d'],
            'fill' => $line > 0 ? Mark::NONE : $colour,
            'stroke' => $line > 0 ? $colour : Mark::NONE,
            'line' => $line,
        ];
    }
}
