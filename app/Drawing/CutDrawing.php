<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;

/**
 * A sheet with its parts and its numbered cuts, in millimetres. Parts that are too small for text are named beside it.
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

    /** The size of the circle under a number, as a share of its letters. */
    private const ROUND = 0.9;

    /** The print of the paper is drawn pale, so that text on it can be read. */
    private const VEIL = 0.55;

    private float $width;

    private float $height;

    private Labels $labels;

    private float $letter;

    /** @var array<int, array{float, float}> where the number of each cut stands on it; those without room are named beside the sheet */
    private array $numbers;

    /**
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components
     */
    private function __construct(private array $sheet, private array $components, private float $scale, bool $isKeyed = false)
    {
        $this->width = Mark::mm($sheet['size']['width']);
        $this->height = Mark::mm($sheet['size']['height']);
        $this->letter = self::LETTER / $scale;
        $this->numbers = $this->placed();
        $this->labels = $isKeyed
            ? KeyLabels::on($this->besides(), $this->written(), $this->width, $this->height)
            : SideLabels::beside($this->besides(), $this->width, $this->height, $scale);
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
     * In its real size and no larger. Small parts have letters, which are explained elsewhere.
     *
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components  by id
     */
    public static function keyed(array $sheet, array $components): self
    {
        return new self($sheet, $components, 1.0, true);
    }

    /**
     * As large as there is room, up to its real size. Text has the same size at any scale.
     *
     * @param  DrawnSheet  $sheet
     * @param  array<string, Component>  $components  by id
     * @param  float  $wide  millimetres there are
     */
    public static function within(array $sheet, array $components, float $wide, float $high): self
    {
        $scale = 1.0;
        // Text beside a sheet makes the sheet smaller. Two rounds are enough.
        foreach ([1, 2] as $ignored) {
            $drawing = new self($sheet, $components, $scale);
            $scale = min(1.0, $wide / $drawing->labels->width(), $high / $drawing->labels->height());
        }

        return new self($sheet, $components, $scale);
    }

    /** @return array{float, float} width and height of the sheet in its real size, in millimetres */
    public function bare(): array
    {
        return [$this->width, $this->height];
    }

    /** @return array{float, float} the same with what is written beside it */
    public function labelled(): array
    {
        return [$this->labels->width(), $this->labels->height()];
    }

    /** @return list<string> what the letters on it stand for */
    public function said(): array
    {
        return $this->labels->said();
    }

    public function says(): string
    {
        return sprintf('Drawn at %d %% of its real size; the measures are written.', (int) floor(100 * $this->scale));
    }

    public function svg(): string
    {
        $whole = sprintf('M0 0H%.3FV%.3FH0Z', $this->width, $this->height);
        $edge = ['fill' => Mark::NONE, 'stroke' => Ink::DARK, 'stroke-width' => 0.3];

        return Svg::document($this->labels->width(), $this->labels->height(), implode("\n", [
            Svg::of([Mark::surface('sheet', $whole, $this->sheet['component'], 0)], $this->components),
            Svg::path($whole, ['fill' => Ink::LIGHT, 'opacity' => self::VEIL]),
            ...array_map(self::part(...), $this->sheet['parts']),
            ...array_map(self::blemish(...), $this->sheet['blemishes']),
            Svg::path($whole, $edge),
            ...array_map(self::line(...), $this->sheet['cuts']),
            $this->labels->svg(),
            // Text is drawn last, so that no line crosses it.
            ...array_map($this->plate(...), $this->sheet['parts']),
            ...array_map($this->number(...), $this->sheet['cuts']),
        ]), $this->scale);
    }

    /** @param  DrawnPart  $part */
    private static function part(array $part): string
    {
        [$x, $y, $w, $h] = self::box($part);

        return $part['isKept'] ? sprintf('<rect x="%.3F" y="%.3F" width="%.3F" height="%.3F" fill="%s"/>', $x, $y, $w, $h, Ink::KEPT) : '';
    }

    /** @param  DrawnPart  $part */
    private function plate(array $part): string
    {
        if (! $this->isRoomy($part)) {
            return '';
        }
        [$x, $y, $w, $h] = $this->plateOf($part);
        [$cx, $cy] = [$x + $w / 2, $y + $h / 2];

        return sprintf('<rect x="%.3F" y="%.3F" width="%.3F" height="%.3F" fill="%s"/>', $x, $y, $w, $h, Ink::PAPER)
            .Svg::text($part['label'], $cx, $cy - 0.65 * $this->letter, $this->letter, Ink::DARK, 'middle')
            .Svg::text($part['measure'], $cx, $cy + 0.7 * $this->letter, $this->letter, Ink::DARK, 'middle');
    }

    /**
     * The text in the middle of a part.
     *
     * @param  DrawnPart  $part
     * @return array{float, float, float, float}
     */
    private function plateOf(array $part): array
    {
        [$x, $y, $w, $h] = self::box($part);
        $wide = max($this->wide($part['label']), $this->wide($part['measure'])) + $this->letter / 2;
        $high = 3 * $this->letter;

        return [$x + ($w - $wide) / 2, $y + ($h - $high) / 2, $wide, $high];
    }

    /** @param  array{x: int, y: int, width: int, height: int}  $at */
    private static function blemish(array $at): string
    {
        [$x, $y, $w, $h] = self::box($at);
        $d = sprintf('M%.3F %.3Fh%3$.3Fv%4$.3Fh-%3$.3Fzl%3$.3F %4$.3Fm0 -%4$.3Fl-%3$.3F %4$.3F', $x, $y, $w, $h);

        return Svg::path($d, ['fill' => Mark::NONE, 'stroke' => Ink::MISSING, 'stroke-width' => 0.6]);
    }

    /** @param  DrawnCut  $cut */
    private static function line(array $cut): string
    {
        $line = array_map(Mark::mm(...), $cut['line']);
        $d = sprintf('M%.3F %.3FL%.3F %.3F', $line['x1'], $line['y1'], $line['x2'], $line['y2']);

        return Svg::path($d, ['fill' => Mark::NONE, 'stroke' => Ink::HERE, 'stroke-width' => 0.6, 'stroke-dasharray' => '3 2']);
    }

    /** @param  DrawnCut  $cut */
    private function number(array $cut): string
    {
        $place = $this->numbers[$cut['number']] ?? null;
        if ($place === null) {
            return '';
        }
        [$x, $y] = $place;

        return sprintf('<circle cx="%.3F" cy="%.3F" r="%.3F" fill="%s"/>', $x, $y, self::ROUND * $this->letter, Ink::PAPER)
            .Svg::text((string) $cut['number'], $x, $y, $this->letter, Ink::HERE, 'middle');
    }

    /** @return list<array{float, float, float, float}> places with something written on them */
    private function written(): array
    {
        $plates = array_map($this->plateOf(...), array_values(array_filter($this->sheet['parts'], $this->isRoomy(...))));

        return [...$plates, ...array_map(fn (array $place): array => $this->round(...$place), array_values($this->numbers))];
    }

    /**
     * Each number on its cut, as near to its beginning as other text allows.
     *
     * @return array<int, array{float, float}> by the number
     */
    private function placed(): array
    {
        $taken = [];
        foreach ($this->sheet['parts'] as $part) {
            $taken[] = $this->isRoomy($part) ? $this->plateOf($part) : $this->pointOf($part);
        }
        $numbers = [];
        foreach ($this->sheet['cuts'] as $cut) {
            $place = $this->free($cut, $taken, true) ?? $this->free($cut, $taken, false);
            if ($place !== null) {
                $numbers[$cut['number']] = $place;
                $taken[] = $this->round(...$place);
            }
        }

        return $numbers;
    }

    /**
     * @param  DrawnCut  $cut
     * @param  list<array{float, float, float, float}>  $taken
     * @return array{float, float}|null
     */
    private function free(array $cut, array $taken, bool $isWithin): ?array
    {
        $line = array_map(Mark::mm(...), $cut['line']);
        $long = max(abs($line['x2'] - $line['x1']), abs($line['y2'] - $line['y1']));
        $isUpright = $line['x1'] === $line['x2'];
        $least = self::ROUND * $this->letter;
        for ($along = min(1.5 * $this->letter, $long / 2); $along <= max($long - $least, $long / 2); $along += $this->letter / 3) {
            $place = $isUpright ? [$line['x1'], $line['y1'] + $along] : [$line['x1'] + $along, $line['y1']];
            $round = $this->round(...$place);
            if ((! $isWithin || $this->isWithin($round)) && ! Boxes::meet($round, $taken)) {
                return $place;
            }
        }

        return null;
    }

    /** @return array{float, float, float, float} what a number at this place covers */
    private function round(float $x, float $y): array
    {
        $r = self::ROUND * $this->letter;

        return [$x - $r, $y - $r, 2 * $r, 2 * $r];
    }

    /** @param  array{float, float, float, float}  $box */
    private function isWithin(array $box): bool
    {
        [$x, $y, $w, $h] = $box;

        return $x >= 0 && $y >= 0 && $x + $w <= $this->width && $y + $h <= $this->height;
    }

    /**
     * The point of a part to which its label leads.
     *
     * @param  DrawnPart  $part
     * @return array{float, float, float, float}
     */
    private function pointOf(array $part): array
    {
        [$x, $y, $w, $h] = self::box($part);

        return [$x + $w / 2 - 0.5, $y + $h / 2 - 0.5, 1.0, 1.0];
    }

    /** @return list<array{text: string, x: float, y: float, box: array{float, float, float, float}}> what is too small to be written on */
    private function besides(): array
    {
        $up = ['text' => '↑ this edge is up', 'x' => $this->width, 'y' => 0.0, 'box' => [0.0, 0.0, $this->width, 0.0]];
        $labels = $this->hasUp() ? [$up] : [];
        foreach ($this->sheet['cuts'] as $cut) {
            if (! isset($this->numbers[$cut['number']])) {
                $line = array_map(Mark::mm(...), $cut['line']);
                $box = [$line['x1'], $line['y1'], $line['x2'] - $line['x1'], $line['y2'] - $line['y1']];
                $labels[] = self::label("cut {$cut['number']}", $box);
            }
        }
        foreach ($this->sheet['parts'] as $part) {
            if (! $this->isRoomy($part)) {
                $labels[] = self::label("{$part['label']}, {$part['measure']}", self::box($part));
            }
        }

        return $labels;
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @return array{text: string, x: float, y: float, box: array{float, float, float, float}}
     */
    private static function label(string $text, array $box): array
    {
        return ['text' => $text, 'x' => $box[0] + $box[2] / 2, 'y' => $box[1] + $box[3] / 2, 'box' => $box];
    }

    /** Whether the print of the upper side is directional. */
    private function hasUp(): bool
    {
        $good = ($this->components[$this->sheet['component']] ?? null)?->good;

        return $good instanceof SheetGood && $good->faces()[0]->directional;
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
