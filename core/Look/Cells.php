<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A picture in squares of eight by eight pixels: the mean colour of each, and how much its lightness varies.
 *
 * @phpstan-type Rgb array{float, float, float}
 */
final readonly class Cells
{
    public const SIDE = 8;

    /**
     * @param  list<Rgb>  $means
     * @param  list<float>  $spreads  standard deviations of red + 2 green + blue
     */
    private function __construct(public int $across, public int $down, public array $means, public array $spreads)
    {
    }

    /** Pixels beyond the last whole square are left out. */
    public static function of(Pixels $picture): self
    {
        $across = max(1, intdiv($picture->width, self::SIDE));
        $down = max(1, intdiv($picture->height, self::SIDE));
        $means = [];
        $spreads = [];
        for ($j = 0; $j < $down; $j++) {
            for ($i = 0; $i < $across; $i++) {
                [$means[], $spreads[]] = self::cell($picture, $i * self::SIDE, $j * self::SIDE);
            }
        }

        return new self($across, $down, $means, $spreads);
    }

    /** @param  list<Rgb>  $means  as they were */
    public static function known(int $across, int $down, array $means): self
    {
        return new self($across, $down, $means, []);
    }

    /** How much a plain square varies: the lower quarter of all squares, since pieces vary more. */
    public function noise(): float
    {
        $sorted = $this->spreads;
        sort($sorted);

        return max(1.0, $sorted[intdiv(count($sorted), 4)]);
    }

    public function isAtEdge(int $n): bool
    {
        [$i, $j] = [$n % $this->across, intdiv($n, $this->across)];

        return $i === 0 || $j === 0 || $i === $this->across - 1 || $j === $this->down - 1;
    }

    /** @return list<int> those beside it */
    public function beside(int $n): array
    {
        $i = $n % $this->across;
        $beside = [];
        if ($i > 0) {
            $beside[] = $n - 1;
        }
        if ($i < $this->across - 1) {
            $beside[] = $n + 1;
        }
        if ($n >= $this->across) {
            $beside[] = $n - $this->across;
        }
        if ($n < $this->across * ($this->down - 1)) {
            $beside[] = $n + $this->across;
        }

        return $beside;
    }

    /** @return array{Rgb, float} */
    private static function cell(Pixels $picture, int $left, int $top): array
    {
        $pixels = $picture->pixels;
        $width = $picture->width;
        $right = min($left + self::SIDE, $width);
        $bottom = min($top + self::SIDE, $picture->height);
        $sum = 0;
        $light = 0;
        $squares = 0;
        for ($y = $top; $y < $bottom; $y++) {
            for ($x = $left; $x < $right; $x++) {
                $pixel = $pixels[$y * $width + $x];
                $sum += $pixel;
                $l = ($pixel >> Pixels::RED) + 2 * ($pixel >> Pixels::GREEN & Pixels::LANE) + ($pixel & Pixels::LANE);
                $light += $l;
                $squares += $l * $l;
            }
        }
        $many = ($right - $left) * ($bottom - $top);
        $mean = [
            ($sum >> Pixels::RED) / $many,
            ($sum >> Pixels::GREEN & Pixels::LANE) / $many,
            ($sum & Pixels::LANE) / $many,
        ];

        return [$mean, sqrt(max(0.0, $squares / $many - ($light / $many) ** 2))];
    }
}
