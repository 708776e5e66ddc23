<?php

namespace App\Drawing;

use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Outline;

/**
 * One mark of a drawing, in millimetres: drawn alike by the interface and by whatever is printed. Its role says what it
 * is on the drawing, such as "bow".
 *
 * - `surface`: `d`, moved to `x`, `y` and filled with a face of a component; its print begins there
 * - `thing`: the picture of a component in a box
 * - `words`: a line of text, its middle at `x`, `y`, in letters so high
 * - `path`: `d` in colours of its own, its line so thick
 *
 * @phpstan-type SurfaceMark array{
 *     kind: 'surface',
 *     role: string,
 *     d: string,
 *     component: string,
 *     face: int,
 *     x: float,
 *     y: float,
 * }
 * @phpstan-type ThingMark array{
 *     kind: 'thing',
 *     role: string,
 *     component: string,
 *     x: float,
 *     y: float,
 *     width: float,
 *     height: float,
 *     turn: int, // degrees, clockwise about its middle
 *     up: int, // layers of foam under it
 *     clip: string, // what of it is left where it was trimmed; empty where nothing is
 * }
 * @phpstan-type WordsMark array{
 *     kind: 'words',
 *     role: string,
 *     text: string,
 *     x: float,
 *     y: float,
 *     letter: float,
 *     fill: string,
 * }
 * @phpstan-type PathMark array{
 *     kind: 'path',
 *     role: string,
 *     d: string,
 *     fill: string,
 *     stroke: string,
 *     line: float,
 *     dash: string,
 * }
 * @phpstan-type DrawnMark SurfaceMark|ThingMark|WordsMark|PathMark
 */
final readonly class Mark
{
    public const NONE = 'none';

    /** The thickness of the edge of a surface. */
    public const EDGE = 0.4;

    private const UNITS = 8_000;

    /**
     * @param  Rect|null  $from  where `d` begins; null where it is measured from the corner of the drawing
     * @return SurfaceMark
     */
    public static function surface(string $role, string $d, string $component, int $face, ?Rect $from = null): array
    {
        return [
            'kind' => 'surface',
            'role' => $role,
            'd' => $d,
            'component' => $component,
            'face' => $face,
            'x' => self::mm($from->x->units ?? 0),
            'y' => self::mm($from->y->units ?? 0),
        ];
    }

    /** @return ThingMark */
    public static function thing(string $role, string $component, Rect $in): array
    {
        return self::boxed($role, $component, $in->x->units, $in->y->units, $in->size);
    }

    /**
     * A piece of a group: turned, lifted, trimmed.
     *
     * @return ThingMark
     */
    public static function placed(string $role, Placed $piece): array
    {
        $size = $piece->stand->size;
        $x = $piece->x - intdiv($size->width->units, 2);
        $y = $piece->y - intdiv($size->height->units, 2);

        return [
            ...self::boxed($role, $piece->stand->component, $x, $y, $size),
            'turn' => $piece->spot->turn,
            'up' => $piece->up,
            'clip' => $piece->trim === null ? '' : OutlinePath::of(Outline::rect($piece->trim)),
        ];
    }

    /** @return ThingMark */
    private static function boxed(string $role, string $component, int $x, int $y, Size $size): array
    {
        return [
            'kind' => 'thing',
            'role' => $role,
            'component' => $component,
            'x' => self::mm($x),
            'y' => self::mm($y),
            'width' => self::mm($size->width->units),
            'height' => self::mm($size->height->units),
            'turn' => 0,
            'up' => 1,
            'clip' => '',
        ];
    }

    /** @return WordsMark */
    public static function words(string $role, string $text, Rect $in, string $colour): array
    {
        [$width, $height] = [self::mm($in->size->width->units), self::mm($in->size->height->units)];

        return [
            'kind' => 'words',
            'role' => $role,
            'text' => $text,
            'x' => self::mm($in->x->units) + $width / 2,
            'y' => self::mm($in->y->units) + $height / 2,
            'letter' => Lettering::fitting($text, $width, $height),
            'fill' => $colour,
        ];
    }

    /** @return PathMark */
    public static function line(string $role, string $d, string $colour, float $thick, string $dash = ''): array
    {
        return self::filled($role, $d, self::NONE, $colour, $thick, $dash);
    }

    /** @return PathMark */
    public static function filled(string $role, string $d, string $colour, string $edge, float $thick, string $dash = ''): array
    {
        return [
            'kind' => 'path',
            'role' => $role,
            'd' => $d,
            'fill' => $colour,
            'stroke' => $edge,
            'line' => $thick,
            'dash' => $dash,
        ];
    }

    public static function mm(int $units): float
    {
        return $units / self::UNITS;
    }
}
