<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Printed;

/** How large letters are. */
final class Lettering
{
    /** The width of a letter as a share of its height, in the typefaces used here. */
    private const WIDE = 0.58;

    /** The largest share of a place that letters may take. */
    private const FILLS = 0.52;

    /** The height of letters with which a text fits a place, in the unit of the place. */
    public static function fitting(string $text, float $width, float $height): float
    {
        return min($height * self::FILLS, self::forWidth($text, $width));
    }

    /** The height of words on a printed thing, as a share of the thing's height. */
    public static function on(Printed $printed, ?string $text = null): float
    {
        $text ??= $printed->words->text ?? '';
        [$width, $height] = [Mark::mm($printed->size->width->units), Mark::mm($printed->size->height->units)];

        return $text === '' ? 0.0 : round(self::fitting($text, $width, $height) / $height, 4);
    }

    /** The width of a text with letters of this height. */
    public static function width(string $text, float $letter): float
    {
        return mb_strlen($text) * $letter * self::WIDE;
    }

    private static function forWidth(string $text, float $width): float
    {
        return $width / max(1, mb_strlen($text)) / self::WIDE;
    }
}
