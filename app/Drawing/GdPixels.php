<?php

namespace App\Drawing;

use GdImage;
use KeepShare\Core\Look\Pixels;

/** A picture of the image library in the form the core uses. */
final class GdPixels
{
    public static function of(GdImage $image): Pixels
    {
        return self::part($image, 0, 0, imagesx($image), imagesy($image));
    }

    public static function part(GdImage $image, int $left, int $top, int $width, int $height): Pixels
    {
        $pixels = [];
        for ($y = $top; $y < $top + $height; $y++) {
            for ($x = $left; $x < $left + $width; $x++) {
                $pixels[] = (int) imagecolorat($image, $x, $y);
            }
        }

        return Pixels::of($width, $height, $pixels);
    }
}
