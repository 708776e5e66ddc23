<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Component;

/**
 * A sheet with its parts and its numbered cuts, in millimetres; what is too small to be written on is named beside it.
 *
 * @phpstan-type DrawnPart array{x: int, y: int, width: int, height: int, label: string, measure: string, isKept: bool, ...}
 * @phpstan-type DrawnCut array{number: int, line: array{x1: int, y1: int, x2: int, y2: int}, ...}
 * @phpstan-type DrawnSheet array{
 *     component: string,
 *     size: array{width: int, height: int},
 *     parts: list<DrawnPart>,
 *     cuts: list<DrawnCut>,
 *     blemishes: list<array{x: int, y: int, width: int, height: int}>,
 *     ...,
 * }
 */
final readonly class CutDrawing
{
    private const LETTER = 3.4;

    /** The print of the paper is drawn pale: what is written on it is to be read. */
    private const VEIL = 0.55;

    private float $width;

    private float $height;

    private SideLabels $labels;

    private float $letter;

    /**
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components
     */
    private function __construct(private array $sheet, private array $components, public float $scale)
    {
        $this->width = Mark::mm($sheet['size']['width']);
        $this->height = Mark::mm($sheet['size']['height']);
        $this->letter = self::LETTER / $scale;
        $this->labels = SideLabels::beside($this->besides(), $this->width, $this->height, $scale);
    }

    /**
     * In its real size.
     *
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components  by id
     */
    public static function real(array $sheet, array $components): self
    {
        return new self($sheet, $components, 1.0);
    }

    /**
     * As large as there is room, and no larger than it is; what is written is as large at any scale.
     *
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components  by id
     * @param  float  $wide  millimetres there are
     */
    public static function within(array $sheet, array $components, float $wide, float $high): self
    {
        $scale = 1.0;
        // What is written beside a sheet makes it wider, and smaller: twice is enough.
        foreach ([1, 2] as $ignored) {
            $drawing = new self($sheet, $components, $scale);
            $scale = min(1.0, $wide / $drawing->labels->width(), $high / $drawing->labels->height());
        }

        return new self($sheet, $components, $scale);
    }

    /** As it is shown, in millimetres. */
    public function shownWidth(): float
    {
        return $this->labels->width() * $this->scale;
    }

    public function shownHeight(): float
    {
        return $this->labels->height() * $this->scale;
    }

    public function says(): string
    {
        return $this->scale === 1.0
            ? 'In its real size when printed at 100 %.'
            : sprintf('Drawn at %d %% of its real size; the measures are written.', (int) floor(100 * $this->scale));
    }

    public function svg(): string
    {
        $whole = sprintf('M0 0H%.3FV%.3FH0Z', $this->width, $this->height);
        $edge = ['fill' => Mark::NONE, 'stroke' => Ink::DARK, 'stroke-width' => 0.3];

        return Svg::document($this->labels->width(), $this->labels->height(), implode("\n", [
            Svg::of([Mark::surface('sheet', $whole, $this->sheet['component'], 0)], $this->components),
            Svg::path($whole, ['fill' => Ink::LIGHT, 'opacity' => self::VEIL]),
            ...array_map($this->part(...), $this->sheet['parts']),
            ...array_map(self::blemish(...), $this->sheet['blemishes']),
            Svg::path($whole, $edge),
            ...array_map($this->cut(...), $this->sheet['cuts']),
            $this->labels->svg(),
        ]), $this->scale);
    }

    /** @param  DrawnPart  $part */
    private function part(array $part): string
    {
        [$x, $y, $w, $h] = self::box($part);
        $rect = '<rect x="%.3F" y="%.3F" width="%.3F" height="%.3F" fill="%s"/>';
        $kept = $part['isKept'] ? sprintf($rect, $x, $y, $w, $h, Ink::KEPT) : '';
        if (! $this->isRoomy($part)) {
            return $kept;
        }
        $lines = [$part['label'], $part['measure']];
        $wide = max(array_map($this->wide(...), $lines)) + $this->letter / 2;
        $high = 3 * $this->letter;
        [$cx, $cy] = [$x + $w / 2, $y + $h / 2];
        $plate = sprintf($rect, $cx - $wide / 2, $cy - $high / 2, $wide, $high, Ink::PAPER);

        return $kept.$plate
            .Svg::text($lines[0], $cx, $cy - 0.65 * $this->letter, $this->letter, Ink::DARK, 'middle')
            .Svg::text($lines[1], $cx, $cy + 0.7 * $this->letter, $this->letter, Ink::DARK, 'middle');
    }

    /** @param  array{x: int, y: int, width: int, height: int}  $at */
    private static function blemish(array $at): string
    {
        [$x, $y, $w, $h] = self::box($at);
        $d = sprintf('M%.3F %.3Fh%3$.3Fv%4$.3Fh-%3$.3Fzl%3$.3F %4$.3Fm0 -%4$.3Fl-%3$.3F %4$.3F', $x, $y, $w, $h);

        return Svg::path($d, ['fill' => Mark::NONE, 'stroke' => Ink::MISSING, 'stroke-width' => 0.6]);
    }

    /** @param  DrawnCut  $cut */
    private function cut(array $cut): string
    {
        $line = array_map(Mark::mm(...), $cut['line']);
        $d = sprintf('M%.3F %.3FL%.3F %.3F', $line['x1'], $line['y1'], $line['x2'], $line['y2']);
        // On the line, where it begins: outside the sheet there is nothing to write on.
        $in = 1.5 * $this->letter;
        [$x, $y] = $line['x1'] === $line['x2'] ? [$line['x1'], $line['y1'] + $in] : [$line['x1'] + $in, $line['y1']];

        return Svg::path($d, ['fill' => Mark::NONE, 'stroke' => Ink::HERE, 'stroke-width' => 0.6, 'stroke-dasharray' => '3 2'])
            .sprintf('<circle cx="%.3F" cy="%.3F" r="%.3F" fill="%s"/>', $x, $y, 0.9 * $this->letter, Ink::PAPER)
            .Svg::text((string) $cut['number'], $x, $y, $this->letter, Ink::HERE, 'middle');
    }

    /** @return list<array{text: string, x: float, y: float}> what is too small to be written on */
    private function besides(): array
    {
        $labels = [];
        foreach ($this->sheet['parts'] as $part) {
            if (! $this->isRoomy($part)) {
                [$x, $y, $w, $h] = self::box($part);
                $labels[] = ['text' => "{$part['label']}, {$part['measure']}", 'x' => $x + $w / 2, 'y' => $y + $h / 2];
            }
        }

        return $labels;
    }

    /**
     * Whether its label lies within it.
     *
     * @param  DrawnPart  $part
     */
    private function isRoomy(array $part): bool
    {
        [, , $w, $h] = self::box($part);

        return $h >= 3.5 * $this->letter && $w >= max($this->wide($part['label']), $this->wide($part['measure'])) + $this->letter;
    }

    private function wide(string $text): float
    {
        return Lettering::width($text, $this->letter);
    }

    /**
     * @param  array{x: int, y: int, width: int, height: int, ...}  $box
     * @return array{float, float, float, float}
     */
    private static function box(array $box): array
    {
        return [Mark::mm($box['x']), Mark::mm($box['y']), Mark::mm($box['width']), Mark::mm($box['height'])];
    }
}
