<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Printed;

/** How high letters are. */
final class Lettering
{
    /** A letter is about so wide as a part of its height, in the typefaces used here. */
    private const WIDE = 0.58;

    /** So much of the place the letters take at most. */
    private const FILLS = 0.52;

    /** The height of letters with which a text fits into a place, in the measure of the place. */
    public static function fitting(string $text, float $width, float $height): float
    {
        return min($height * self::FILLS, self::forWidth($text, $width));
    }

    /** How high the words, or another text, stand on a printed thing, as a part of its height. */
    public static function on(Printed $printed, ?string $text = null): float
    {
        $text ??= $printed->words->text ?? '';
        [$width, $height] = [Mark::mm($printed->size->width->units), Mark::mm($printed->size->height->units)];

        return $text === '' ? 0.0 : round(self::fitting($text, $width, $height) / $height, 4);
    }

    /** The width of a text set in letters so high. */
    public static function width(string $text, float $letter): float
    {
        return mb_strlen($text) * $letter * self::WIDE;
    }

    private static function forWidth(string $text, float $width): float
    {
        return $width / max(1, mb_strlen($text)) / self::WIDE;
    }
}
