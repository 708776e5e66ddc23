<?php

namespace App\Drawing;

use GdImage;
use KeepShare\Core\Look\Homography;
use KeepShare\Core\Look\Pixels;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;

/**
 * Photographs a drawing: pieces with their shadows on a surface, at an angle, under two lamps, with the noise of a
 * small sensor. So the application has photographs whose contents are known exactly.
 *
 * @phpstan-type Corner array{float, float}
 */
final readonly class Camera
{
    private const SHADOW_SCALE = 4;

    /**
     * @param  int<1, max>  $width
     * @param  int<1, max>  $height
     * @param  list<Corner>  $corners  where the corners of the table come to lie, clockwise from the upper left, in pixels
     */
    private function __construct(private int $width, private int $height, private array $corners, private float $noise, private int $seed)
    {
    }

    /**
     * The distance of the camera, so that the near edge looks longer than the far one.
     *
     * @param  int<1, max>  $width
     * @param  int<1, max>  $height
     * @param  float  $lean  0 from straight above; 0.1 leaves the far edge a fifth shorter
     */
    public static function leaning(int $width, int $height, float $lean, float $noise = 3.0, int $seed = 1): self
    {
        [$in, $up] = [$lean * $width, $lean * $height / 2];
        $corners = [[$in, $up], [$width - $in, $up], [$width + $in / 2, (float) $height], [-$in / 2, (float) $height]];

        return new self($width, $height, $corners, $noise, $seed);
    }

    /**
     * @param  GdImage  $pieces  transparent where the surface is
     * @param  float  $high  how far their shadow falls, in pixels of $pieces
     */
    public function lay(GdImage $pieces, int $ground, float $high, float $dark = 0.35): GdImage
    {
        [$width, $height] = [imagesx($pieces), imagesy($pieces)];
        $table = imagecreatetruecolor($width, $height) ?: throw new RuntimeException('No room for a picture.');
        imagefilledrectangle($table, 0, 0, $width, $height, $ground);
        $shadow = $this->shadow($pieces, $dark);
        imagecopyresampled($table, $shadow, (int) $high, (int) $high, 0, 0, $width, $height, imagesx($shadow), imagesy($shadow));
        imagealphablending($table, true);
        imagecopy($table, $pieces, 0, 0, 0, 0, $width, $height);

        return $table;
    }

    public function shoot(GdImage $table): GdImage
    {
        [$wide, $high] = [imagesx($table), imagesy($table)];
        $corners = [[0.0, 0.0], [(float) $wide, 0.0], [(float) $wide, (float) $high], [0.0, (float) $high]];
        $back = Homography::of($this->corners, $corners);
        $photo = imagecreatetruecolor($this->width, $this->height) ?: throw new RuntimeException('No room for a picture.');
        $pixels = GdPixels::of($table)->pixels;
        $grain = self::grain($this->noise, $this->seed);
        $many = count($grain);
        $n = 0;
        for ($y = 0; $y < $this->height; $y++) {
            for ($x = 0; $x < $this->width; $x++) {
                [$u, $v] = $back->apply($x + 0.5, $y + 0.5);
                $u = max(0.0, min($wide - 2.0, $u - 0.5));
                $v = max(0.0, min($high - 2.0, $v - 0.5));
                $at = (int) $v * $wide + (int) $u;
                $fx = (int) (16 * ($u - (int) $u));
                $fy = (int) (16 * ($v - (int) $v));
                // All channels at once, since 256 times a level fits in the bits of each.
                $sum = (16 - $fy) * ((16 - $fx) * $pixels[$at] + $fx * $pixels[$at + 1])
                    + $fy * ((16 - $fx) * $pixels[$at + $wide] + $fx * $pixels[$at + $wide + 1]);
                [$r, $g, $b] = [($sum >> Pixels::RED) / 256, ($sum >> Pixels::GREEN & Pixels::LANE) / 256, ($sum & Pixels::LANE) / 256];
                [$warm, $cold] = self::lamps($x / $this->width, $y / $this->height);
                $n = ($n + 7) % $many;
                $r = (int) ($r * (1.02 * $warm + 0.96 * $cold) + $grain[$n]);
                $g = (int) ($g * ($warm + $cold) + $grain[($n + 3) % $many]);
                $b = (int) ($b * (0.95 * $warm + 1.04 * $cold) + $grain[($n + 5) % $many]);
                imagesetpixel($photo, $x, $y, max(0, min(255, $r)) << 16 | max(0, min(255, $g)) << 8 | max(0, min(255, $b)));
            }
        }

        return $photo;
    }

    /** @return array{float, float} how bright a warm lamp at the upper left and a cold one at the right are at a place */
    private static function lamps(float $x, float $y): array
    {
        $warm = 0.72 / (1 + 0.9 * (($x - 0.1) ** 2 + ($y + 0.2) ** 2));
        $cold = 0.6 / (1 + 0.9 * (($x - 1.2) ** 2 + ($y - 0.7) ** 2));

        return [$warm, $cold];
    }

    /** The pieces in transparent black, small and blurred. */
    private function shadow(GdImage $pieces, float $dark): GdImage
    {
        [$width, $height] = [intdiv(imagesx($pieces), self::SHADOW_SCALE), intdiv(imagesy($pieces), self::SHADOW_SCALE)];
        $cover = [];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $alpha = imagecolorat($pieces, $x * self::SHADOW_SCALE, $y * self::SHADOW_SCALE) >> 24 & 127;
                $cover[$y][$x] = 1 - $alpha / 127;
            }
        }
        $shadow = imagecreatetruecolor(max(1, $width), max(1, $height)) ?: throw new RuntimeException('No room for a picture.');
        imagealphablending($shadow, false);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $sum = 0.0;
                foreach ([-1, 0, 1] as $dy) {
                    foreach ([-1, 0, 1] as $dx) {
                        $sum += $cover[$y + $dy][$x + $dx] ?? 0;
                    }
                }
                imagesetpixel($shadow, $x, $y, (int) round(127 * (1 - $dark * $sum / 9)) << 24);
            }
        }

        return $shadow;
    }

    /** @return non-empty-list<float> levels to add, of a prime number so that no pattern is seen */
    private static function grain(float $noise, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $grain = [];
        for ($n = 0; $n < 10_007; $n++) {
            $sum = 0;
            for ($k = 0; $k < 6; $k++) {
                $sum += $random->getInt(-1_000, 1_000);
            }
            $grain[] = $noise * $sum / 1_414;
        }

        return $grain;
    }
}
