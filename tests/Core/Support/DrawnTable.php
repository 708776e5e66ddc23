<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use App\Drawing\Camera;
use GdImage;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\Picture;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Reference;
use RuntimeException;

/** A table of 300 by 225 mm with pieces of known size, to be photographed. */
final class DrawnTable
{
    /** Pixels a millimetre; drawn twice as large and made small, for smooth edges. */
    private const DENSITY = 6;

    private const WIDE = 300;

    private const HIGH = 225;

    private GdImage $pieces;

    public function __construct()
    {
        $this->pieces = imagecreatetruecolor(self::WIDE * self::DENSITY * 2, self::HIGH * self::DENSITY * 2) ?: throw new RuntimeException;
        imagealphablending($this->pieces, false);
        imagefilledrectangle($this->pieces, 0, 0, imagesx($this->pieces), imagesy($this->pieces), 127 << 24);
    }

    /**
     * In millimetres, its middle at $x, $y, turned clockwise.
     *
     * @param  list<array{float, float, float, float}>  $marks  left, top, width and height of what is printed on it
     */
    public function rectangle(float $x, float $y, float $width, float $height, int $colour, float $turn = 0, array $marks = [], int $ink = 0x303030): void
    {
        $this->filled($x, $y, [[-$width / 2, -$height / 2], [$width / 2, -$height / 2], [$width / 2, $height / 2], [-$width / 2, $height / 2]], $turn, $colour);
        foreach ($marks as [$left, $top, $wide, $high]) {
            [$l, $t] = [$left - $width / 2, $top - $height / 2];
            $this->filled($x, $y, [[$l, $t], [$l + $wide, $t], [$l + $wide, $t + $high], [$l, $t + $high]], $turn, $ink);
        }
    }

    public function round(float $x, float $y, float $across, int $colour): void
    {
        $scale = self::DENSITY * 2;
        $side = (int) round($across * $scale);
        imagefilledellipse($this->pieces, (int) round($x * $scale), (int) round($y * $scale), $side, $side, $colour);
    }

    /** @return array{float, float} how wide and how high it is as it lies */
    public function star(float $x, float $y, float $radius, int $colour, float $turn = 0): array
    {
        $points = [];
        for ($n = 0; $n < 10; $n++) {
            $out = $n % 2 === 0 ? $radius : 0.5 * $radius;
            $points[] = [$out * sin($n * M_PI / 5), -$out * cos($n * M_PI / 5)];
        }

        return $this->filled($x, $y, $points, $turn, $colour);
    }

    public function photographed(int $ground, float $lean = 0.06, float $noise = 4.0, int $seed = 1): Picture
    {
        $pieces = imagescale($this->pieces, self::WIDE * self::DENSITY, self::HIGH * self::DENSITY, IMG_BILINEAR_FIXED) ?: throw new RuntimeException;
        $camera = Camera::leaning(1_400, 1_050, $lean, $noise, $seed);
        $photo = $camera->shoot($camera->lay($pieces, $ground, 5));
        $pixels = [];
        for ($y = 0; $y < 1_050; $y++) {
            for ($x = 0; $x < 1_400; $x++) {
                $pixels[] = (int) imagecolorat($photo, $x, $y);
            }
        }

        return Picture::of(1_400, 1_050, $pixels);
    }

    public function read(Reference $by, int $ground = 0xD8CBB6, float $lean = 0.06, float $noise = 4.0, int $seed = 1): PieceTable
    {
        $picture = $this->photographed($ground, $lean, $noise, $seed);

        return PieceTable::found(FindPieces::on($picture), $picture, $by);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{float, float}
     */
    private function filled(float $x, float $y, array $points, float $turn, int $colour): array
    {
        [$c, $s] = [cos(deg2rad($turn)), sin(deg2rad($turn))];
        $flat = [];
        foreach ($points as $n => [$u, $v]) {
            $points[$n] = [$x + $u * $c - $v * $s, $y + $u * $s + $v * $c];
            $flat[] = (int) round($points[$n][0] * self::DENSITY * 2);
            $flat[] = (int) round($points[$n][1] * self::DENSITY * 2);
        }
        imagefilledpolygon($this->pieces, $flat, $colour);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return [max($xs) - min($xs), max($ys) - min($ys)];
    }
}
