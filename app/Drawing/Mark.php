<?php

namespace App\Drawing;

use KeepShare\Core\Measure\Rect;

/**
 * One mark of a drawing, in millimetres: drawn alike by the interface and by whatever is printed.
 *
 * - `surface`: `d`, moved to the corner of the box, filled with a face of a component; its print begins there
 * - `thing`: the picture of a component in the box
 * - `words`: a line of text, its middle in the middle of the box
 * - `path`: `d` in colours of its own
 *
 * @phpstan-type DrawnMark array{
 *     kind: 'surface'|'thing'|'words'|'path',
 *     role: string, // what it is on the drawing, such as "bow"
 *     d: string,
 *     component: string,
 *     face: int,
 *     x: float,
 *     y: float,
 *     width: float,
 *     height: float,
 *     fill: string,
 *     stroke: string,
 *     line: float, // how thick
 *     dash: string,
 *     text: string,
 *     letter: float, // how high
 * }
 */
final readonly class Mark
{
    public const NONE = 'none';

    private const UNITS = 8_000;

    private const BLANK = [
        'd' => '',
        'component' => '',
        'face' => 0,
        'x' => 0.0,
        'y' => 0.0,
        'width' => 0.0,
        'height' => 0.0,
        'fill' => self::NONE,
        'stroke' => self::NONE,
        'line' => 0.0,
        'dash' => '',
        'text' => '',
        'letter' => 0.0,
    ];

    /**
     * @param  Rect|null  $from  where `d` begins; null where it is measured from the corner of the drawing
     * @return DrawnMark
     */
    public static function surface(string $role, string $d, string $component, int $face, ?Rect $from = null): array
    {
        $box = $from === null ? [] : self::box($from);
        $own = ['kind' => 'surface', 'role' => $role, 'd' => $d, 'component' => $component, 'face' => $face];

        return [...self::BLANK, ...$box, ...$own, 'stroke' => Ink::EDGE, 'line' => 0.4];
    }

    /** @return DrawnMark */
    public static function thing(string $role, string $component, Rect $in): array
    {
        return [...self::BLANK, ...self::box($in), 'kind' => 'thing', 'role' => $role, 'component' => $component];
    }

    /** @return DrawnMark */
    public static function words(string $role, string $text, Rect $in, string $colour): array
    {
        $box = self::box($in);
        $letter = Lettering::fitting($text, $box['width'], $box['height']);

        return [...self::BLANK, ...$box, 'kind' => 'words', 'role' => $role, 'text' => $text, 'letter' => $letter, 'fill' => $colour];
    }

    /** @return DrawnMark */
    public static function line(string $role, string $d, string $colour, float $thick, string $dash = ''): array
    {
        return [...self::BLANK, 'kind' => 'path', 'role' => $role, 'd' => $d, 'stroke' => $colour, 'line' => $thick, 'dash' => $dash];
    }

    /** @return DrawnMark */
    public static function filled(string $role, string $d, string $colour, string $edge, float $thick): array
    {
        return [...self::line($role, $d, $edge, $thick), 'fill' => $colour];
    }

    public static function mm(int $units): float
    {
        return $units / self::UNITS;
    }

    /** @return array{x: float, y: float, width: float, height: float} */
    private static function box(Rect $rect): array
    {
        return [
            'x' => self::mm($rect->x->units),
            'y' => self::mm($rect->y->units),
            'width' => self::mm($rect->size->width->units),
            'height' => self::mm($rect->size->height->units),
        ];
    }
}
