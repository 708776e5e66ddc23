<?php

namespace App\Drawing;

/** Labels in a column beside a drawing, with lines to their parts. They never cover each other or the drawing. */
final readonly class SideLabels implements Labels
{
    private const LETTER = 2.6;

    /** The distance of two lines, in heights of letters. */
    private const PITCH = 1.6;

    /** The room between the drawing and the labels, in heights of letters. */
    private const GAP = 2.7;

    /** @param  list<array{text: string, x: float, y: float}>  $labels  from the top down */
    private function __construct(
        private array $labels,
        private float $width,
        private float $height,
        private float $letter,
    ) {
    }

    /**
     * @param  list<array{text: string, x: float, y: float}>  $labels  what is said, and the point it is said of
     * @param  float  $width  of the drawing
     * @param  float  $height  of the drawing
     * @param  float  $scale  at which it is shown: the letters are as large in any
     */
    public static function beside(array $labels, float $width, float $height, float $scale = 1.0): self
    {
        usort($labels, static fn (array $a, array $b): int => $a['y'] <=> $b['y']);

        return new self($labels, $width, $height, self::LETTER / $scale);
    }

    public function width(): float
    {
        $widths = array_map(fn (array $one): float => Lettering::width($one['text'], $this->letter), $this->labels);

        return $widths === [] ? $this->width : $this->width + $this->letter * self::GAP + max($widths) + 1;
    }

    public function height(): float
    {
        return max($this->height, count($this->labels) * $this->letter * self::PITCH);
    }

    public function said(): array
    {
        return [];
    }

    public function svg(): string
    {
        $drawn = [];
        foreach ($this->places() as $n => $y) {
            ['text' => $text, 'x' => $x, 'y' => $from] = $this->labels[$n];
            $to = $this->width + $this->letter * self::GAP - 1;
            $d = sprintf('M%.2F %.2FL%.2F %.2FH%.2F', $x, $from, $this->width + 1, $y, $to);
            $line = ['fill' => Mark::NONE, 'stroke-width' => 0.15, 'stroke' => Ink::DARK];
            // On a light line, so that it is visible on dark paper too.
            $drawn[] = Svg::path($d, ['stroke' => Ink::LIGHT, 'stroke-width' => 0.6, 'opacity' => 0.7] + $line)
                .Svg::path($d, $line)
                .sprintf('<circle cx="%.2F" cy="%.2F" r="0.5" fill="%s" stroke="%s" stroke-width="0.2"/>', $x, $from, Ink::DARK, Ink::LIGHT)
                .Svg::text($text, $to + 1, $y, $this->letter, Ink::DARK);
        }

        return implode("\n", $drawn);
    }

    /** @return list<float> the middle of each line: as near to its point as those before and after it allow */
    private function places(): array
    {
        $places = [];
        $free = $this->letter * self::PITCH / 2;
        foreach ($this->labels as $label) {
            $places[] = $y = max($free, $label['y']);
            $free = $y + $this->letter * self::PITCH;
        }
        $free = $this->height() - $this->letter * self::PITCH / 2;
        $upwards = [];
        foreach (array_reverse($places) as $place) {
            $upwards[] = $y = min($free, $place);
            $free = $y - $this->letter * self::PITCH;
        }

        return array_reverse($upwards);
    }
}
