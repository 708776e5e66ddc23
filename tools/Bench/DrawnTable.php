<?php

namespace Tools\Bench;

use App\Drawing\Camera;
use App\Drawing\GdPixels;
use GdImage;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Pixels;
use KeepShare\Core\Look\Reference;
use Random\Randomizer;
use RuntimeException;

/** A table of 300 by 225 mm with pieces of known size, to be photographed. */
final class DrawnTable
{
    /** The size of its photograph in pixels: smaller than what the application reads, to be quicker and no easier. */
    public const WIDE_SHOT = 1_120;

    public const WIDE = 300;

    private const HIGH = 225;

    /** Of 255. */
    private const TOLD_APART = 60;

    /**
     * Pixels a millimetre, a little finer than the photograph. It is drawn twice as large and scaled down, for smooth
     * edges.
     *
     * @var int<1, max>
     */
    private readonly int $density;

    private GdImage $pieces;

    /** @param  int<1, max>  $wide  how wide its photograph is, in pixels */
    public function __construct(private readonly int $wide = self::WIDE_SHOT)
    {
        $this->density = max(1, intdiv($wide, self::WIDE) + 1);
        $scale = 2 * $this->density;
        $this->pieces = imagecreatetruecolor(self::WIDE * $scale, self::HIGH * $scale) ?: throw new RuntimeException;
        imagealphablending($this->pieces, false);
        imagefilledrectangle($this->pieces, 0, 0, imagesx($this->pieces), imagesy($this->pieces), 127 << 24);
    }

    /**
     * A colour that differs from the surface in at least one of red, green and blue.
     *
     * @param  non-empty-list<int>  $colours  as 0xRRGGBB
     */
    public static function colourOn(int $ground, array $colours, Randomizer $random): int
    {
        do {
            $colour = $colours[$random->getInt(0, count($colours) - 1)];
            $apart = max(array_map(static fn (int $c): int => abs(($colour >> $c & 255) - ($ground >> $c & 255)), [16, 8, 0]));
        } while ($apart < self::TOLD_APART);

        return $colour;
    }

    /**
     * In millimetres, with its middle at $x, $y, turned clockwise.
     *
     * @param  list<array{float, float, float, float}>  $marks  left, top, width and height of what is printed on it
     */
    public function rectangle(
        float $x,
        float $y,
        float $width,
        float $height,
        int $colour,
        float $turn = 0,
        array $marks = [],
        int $ink = 0x303030,
    ): void {
        foreach ([[0, 0, $width, $height], ...$marks] as $n => [$left, $top, $wide, $high]) {
            [$l, $t] = [$left - $width / 2, $top - $height / 2];
            $corners = [[$l, $t], [$l + $wide, $t], [$l + $wide, $t + $high], [$l, $t + $high]];
            $this->filled($x, $y, $corners, $turn, $n === 0 ? $colour : $ink);
        }
    }

    public function round(float $x, float $y, float $across, int $colour): void
    {
        $scale = $this->density * 2;
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

    /**
     * A card base, and eight pieces of seven pictures.
     *
     * @param  int<1, max>  $wide
     */
    public static function ofEight(int $wide = self::WIDE_SHOT): self
    {
        $table = new self($wide);
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFDF8, 3);
        $table->star(165, 45, 22, 0xD9942E, 10);
        $table->star(225, 45, 22, 0xD9942E, 43);
        $table->round(270, 45, 26, 0x2B6B5A);
        $table->rectangle(185, 100, 60, 36, 0x54306A, -8);
        $table->rectangle(255, 100, 40, 52, 0x3A5F8A, 5);
        $table->rectangle(190, 150, 74, 14, 0xF7F3EA, 4, [[8, 4, 3, 6], [14, 4, 9, 2], [28, 5, 4, 5], [50, 4, 12, 5]]);
        $table->rectangle(190, 185, 74, 14, 0xF7F3EA, -3, [[6, 6, 14, 2], [30, 3, 3, 8], [40, 5, 9, 3], [60, 4, 4, 6]], 0xA3333D);
        $table->round(260, 175, 34, 0xB03040);

        return $table;
    }

    /** @return string where it is as a file */
    public function jpeg(string $path, int $ground = 0x8B6F55): string
    {
        return imagejpeg($this->shot($ground), $path, 92) ? $path : throw new RuntimeException("$path could not be written.");
    }

    public function photographed(int $ground, float $lean = 0.06, float $noise = 4.0, int $seed = 1): Pixels
    {
        return GdPixels::of($this->shot($ground, $lean, $noise, $seed));
    }

    /** @return int<1, max> */
    private function high(): int
    {
        return max(1, intdiv(3 * $this->wide, 4));
    }

    private function shot(int $ground, float $lean = 0.06, float $noise = 4.0, int $seed = 1): GdImage
    {
        $pieces = imagescale($this->pieces, self::WIDE * $this->density, self::HIGH * $this->density, IMG_BILINEAR_FIXED)
            ?: throw new RuntimeException;
        $camera = Camera::leaning($this->wide, $this->high(), $lean, $noise, $seed);

        return $camera->shoot($camera->lay($pieces, $ground, 5));
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
            $flat[] = (int) round($points[$n][0] * $this->density * 2);
            $flat[] = (int) round($points[$n][1] * $this->density * 2);
        }
        imagefilledpolygon($this->pieces, $flat, $colour);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return [max($xs) - min($xs), max($ys) - min($ys)];
    }
}
