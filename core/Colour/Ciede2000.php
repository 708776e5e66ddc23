<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

/**
 * The CIEDE2000 colour difference, with kL = kC = kH = 1.
 *
 * Source: G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 Color-Difference Formula: Implementation Notes,
 * Supplementary Test Data, and Mathematical Observations", Color Research and Application 30 (2005), 21-30.
 */
final class Ciede2000
{
    public static function between(Lab $one, Lab $two): float
    {
        $meanChroma = (hypot($one->a, $one->b) + hypot($two->a, $two->b)) / 2;
        $g = 0.5 * (1 - self::chromaWeight($meanChroma));
        $a1 = (1 + $g) * $one->a;
        $a2 = (1 + $g) * $two->a;
        $c1 = hypot($a1, $one->b);
        $c2 = hypot($a2, $two->b);
        $h1 = self::hue($a1, $one->b);
        $h2 = self::hue($a2, $two->b);

        $lightness = $two->lightness - $one->lightness;
        $chroma = $c2 - $c1;
        $turn = self::turn($h1, $h2, $c1 * $c2);
        $hue = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));

        $l = ($one->lightness + $two->lightness) / 2;
        $c = ($c1 + $c2) / 2;
        $h = self::meanHue($h1, $h2, $c1 * $c2);
        $t = 1 - 0.17 * cos(deg2rad($h - 30)) + 0.24 * cos(deg2rad(2 * $h))
            + 0.32 * cos(deg2rad(3 * $h + 6)) - 0.20 * cos(deg2rad(4 * $h - 63));
        $sl = 1 + 0.015 * ($l - 50) ** 2 / sqrt(20 + ($l - 50) ** 2);
        $sc = 1 + 0.045 * $c;
        $sh = 1 + 0.015 * $c * $t;
        $rotation = -sin(deg2rad(60 * exp(-(($h - 275) / 25) ** 2))) * 2 * self::chromaWeight($c);

        return sqrt(($lightness / $sl) ** 2 + ($chroma / $sc) ** 2 + ($hue / $sh) ** 2
            + $rotation * ($chroma / $sc) * ($hue / $sh));
    }

    private static function chromaWeight(float $chroma): float
    {
        return sqrt($chroma ** 7 / ($chroma ** 7 + 25.0 ** 7));
    }

    private static function hue(float $a, float $b): float
    {
        if ($a === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    private static function turn(float $h1, float $h2, float $chromas): float
    {
        if ($chromas === 0.0) {
            return 0.0;
        }
        $turn = $h2 - $h1;

        return match (true) {
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
    }

    private static function meanHue(float $h1, float $h2, float $chromas): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            $chromas === 0.0 => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }
}
