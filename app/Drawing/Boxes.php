<?php

namespace App\Drawing;

/** Rectangles on a drawing: left, top, width and height, in millimetres. */
final class Boxes
{
    /**
     * @param  array{float, float, float, float}  $box
     * @param  list<array{float, float, float, float}>  $others
     */
    public static function meet(array $box, array $others): bool
    {
        [$x, $y, $w, $h] = $box;
        foreach ($others as [$ox, $oy, $ow, $oh]) {
            if ($x < $ox + $ow && $ox < $x + $w && $y < $oy + $oh && $oy < $y + $h) {
                return true;
            }
        }

        return false;
    }
}
