<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A picture as integers, one a pixel, row after row. Red, green and blue have 21 bits each, so pixels can be added like
 * numbers. A sum must be divided at the end.
 */
final readonly class Pixels
{
    public const RED = 42;

    public const GREEN = 21;

    public const LANE = 0x1F_FFFF;

    /**
     * @param  list<int>  $pixels
     * @param  int  $sum  of how many pixels each is the sum
     */
    private function __construct(public int $width, public int $height, public array $pixels, public int $sum)
    {
    }

    /** @param  list<int>  $pixels  as 0xRRGGBB, row after row */
    public static function of(int $width, int $height, array $pixels): self
    {
        foreach ($pixels as $n => $rgb) {
            $pixels[$n] = ($rgb >> 16 & 255) << self::RED | ($rgb >> 8 & 255) << self::GREEN | $rgb & 255;
        }

        return new self($width, $height, $pixels, 1);
    }

    /**
     * Each pixel averaged with its eight neighbours, which reduces the noise to a third. At the edge a pixel stands for
     * those outside.
     */
    public function softened(): self
    {
        [$width, $height, $pixels] = [$this->width, $this->height, $this->pixels];
        $across = [];
        for ($y = 0; $y < $height; $y++) {
            $row = $y * $width;
            $left = $here = $pixels[$row];
            for ($x = 0; $x < $width; $x++) {
                $right = $x + 1 < $width ? $pixels[$row + $x + 1] : $here;
                $across[] = $left + $here + $right;
                $left = $here;
                $here = $right;
            }
        }
        $down = [];
        for ($y = 0; $y < $height; $y++) {
            $above = max(0, $y - 1) * $width;
            $row = $y * $width;
            $below = min($height - 1, $y + 1) * $width;
            for ($x = 0; $x < $width; $x++) {
                $down[] = $across[$above + $x] + $across[$row + $x] + $across[$below + $x];
            }
        }

        return new self($width, $height, $down, 9 * $this->sum);
    }

    /** @return non-empty-list<non-empty-list<array{int, int, int}>> rows of red, green, blue, 0 to 255 */
    public function rows(): array
    {
        $rows = [];
        foreach (array_chunk($this->pixels, max(1, $this->width)) as $row) {
            $rows[] = array_map(fn (int $pixel): array => [
                intdiv($pixel >> self::RED, $this->sum),
                intdiv($pixel >> self::GREEN & self::LANE, $this->sum),
                intdiv($pixel & self::LANE, $this->sum),
            ], $row);
        }

        return $rows === [] ? [[[0, 0, 0]]] : $rows;
    }

    /**
     * The colour at a place between pixels.
     *
     * @return array{float, float, float} red, green, blue, 0 to 255
     */
    public function at(float $x, float $y): array
    {
        $x = max(0.0, min($this->width - 1.001, $x));
        $y = max(0.0, min($this->height - 1.001, $y));
        [$left, $top] = [(int) $x, (int) $y];
        [$fx, $fy] = [$x - $left, $y - $top];
        $n = $top * $this->width + $left;
        $a = $this->pixels[$n];
        $b = $this->pixels[$n + 1];
        $c = $this->pixels[$n + $this->width];
        $d = $this->pixels[$n + $this->width + 1];
        $wa = (1 - $fx) * (1 - $fy) / $this->sum;
        $wb = $fx * (1 - $fy) / $this->sum;
        $wc = (1 - $fx) * $fy / $this->sum;
        $wd = $fx * $fy / $this->sum;

        return [
            ($a >> self::RED) * $wa + ($b >> self::RED) * $wb + ($c >> self::RED) * $wc + ($d >> self::RED) * $wd,
            ($a >> self::GREEN & self::LANE) * $wa + ($b >> self::GREEN & self::LANE) * $wb
                + ($c >> self::GREEN & self::LANE) * $wc + ($d >> self::GREEN & self::LANE) * $wd,
            ($a & self::LANE) * $wa + ($b & self::LANE) * $wb + ($c & self::LANE) * $wc + ($d & self::LANE) * $wd,
        ];
    }
}
