<?php

namespace App\Drawing;

/** Letters on a drawing for labels that are explained elsewhere, if there is no room beside it. */
final readonly class KeyLabels implements Labels
{
    private const LETTER = 2.6;

    /** The diameter of the circle under a letter, in millimetres. */
    private const RADIUS = 2.1;

    /** @param  list<array{key: string, text: string, x: float, y: float}>  $labels */
    private function __construct(private array $labels, private float $width, private float $height)
    {
    }

    /**
     * @param  list<array{text: string, x: float, y: float, box?: array{float, float, float, float}}>  $labels  what is said, the
     *                                                                                           point and the place it is said of
     * @param  list<array{float, float, float, float}>  $taken  places with something written on them
     * @param  float  $width  of the drawing
     * @param  float  $height  of the drawing
     */
    public static function on(array $labels, array $taken, float $width, float $height): self
    {
        $placed = [];
        foreach ($labels as $n => $label) {
            [$x, $y] = self::free($label, $taken);
            // A whole label on the drawing.
            $x = min(max($x, self::RADIUS), $width - self::RADIUS);
            $y = min(max($y, self::RADIUS), $height - self::RADIUS);
            $taken[] = self::round($x, $y);
            $placed[] = ['key' => self::key($n), 'text' => $label['text'], 'x' => $x, 'y' => $y];
        }

        return new self($placed, $width, $height);
    }

    public function width(): float
    {
        return $this->width;
    }

    public function height(): float
    {
        return $this->height;
    }

    public function svg(): string
    {
        $drawn = [];
        foreach ($this->labels as ['key' => $key, 'x' => $x, 'y' => $y]) {
            $round = '<circle cx="%.3F" cy="%.3F" r="%.3F" fill="%s" stroke="%s" stroke-width="0.15"/>';
            $drawn[] = sprintf($round, $x, $y, self::RADIUS, Ink::PAPER, Ink::DARK)
                .Svg::text($key, $x, $y, self::LETTER, Ink::DARK, 'middle');
        }

        return implode("\n", $drawn);
    }

    public function said(): array
    {
        return array_map(static fn (array $one): string => "{$one['key']}: {$one['text']}", $this->labels);
    }

    /** a, b, and so on. After z comes aa. */
    private static function key(int $n): string
    {
        return ($n < 26 ? '' : self::key(intdiv($n, 26) - 1)).chr(ord('a') + $n % 26);
    }

    /**
     * Along the middle of its place, as near to its point as other text allows.
     *
     * @param  array{text: string, x: float, y: float, box?: array{float, float, float, float}}  $label
     * @param  list<array{float, float, float, float}>  $taken
     * @return array{float, float}
     */
    private static function free(array $label, array $taken): array
    {
        [$x, $y] = [$label['x'], $label['y']];
        [$left, $top, $wide, $high] = $label['box'] ?? [$x, $y, 0.0, 0.0];
        $reach = max($wide, $high) / 2;
        for ($off = 0.0; $off < $reach; $off += self::LETTER / 2) {
            foreach ([$off, -$off] as $along) {
                $place = $wide > $high ? [$left + $wide / 2 + $along, $y] : [$x, $top + $high / 2 + $along];
                if (! Boxes::meet(self::round(...$place), $taken)) {
                    return $place;
                }
            }
        }

        return [$x, $y];
    }

    /** @return array{float, float, float, float} */
    private static function round(float $x, float $y): array
    {
        return [$x - self::RADIUS, $y - self::RADIUS, 2 * self::RADIUS, 2 * self::RADIUS];
    }
}
