<?php

namespace App\Prints;

use App\Drawing\Ink;
use App\Drawing\Lettering;
use App\Drawing\Mark;
use App\Drawing\Raster;
use App\Drawing\SideLabels;
use App\Drawing\Svg;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Pages\CutSheets;
use App\Table\TableState;

/**
 * A sheet with its cuts as the page shows it, in real millimetres as SVG, and as a page to lay beside the trimmer.
 *
 * @phpstan-import-type SheetInHand from CutSheets
 * @phpstan-import-type PartOfSheet from CutSheets
 * @phpstan-import-type CutOfSheet from CutSheets
 */
final readonly class SheetPrint
{
    /** The width and height of the page that the drawing may take, in millimetres. */
    private const WIDE = 185.0;

    private const HIGH = 190.0;

    private const LETTER = 3.4;

    /** The print of the paper is drawn pale: what is written on it is to be read. */
    private const VEIL = 0.55;

    private float $width;

    private float $height;

    private SideLabels $labels;

    private float $letter;

    /**
     * @param  SheetInHand  $sheet
     * @param  float  $scale  at which the sheet is shown: what is written is as large in any
     */
    private function __construct(private Kit $kit, private array $sheet, private float $scale)
    {
        $this->width = Mark::mm($sheet['size']['width']);
        $this->height = Mark::mm($sheet['size']['height']);
        $this->letter = self::LETTER / $scale;
        $this->labels = SideLabels::beside($this->besides(), $this->width, $this->height, $scale);
    }

    /** In its real size. */
    public static function svg(Kit $kit, CutPlan $plan): string
    {
        return (new self($kit, self::sheet($kit, $plan), 1.0))->drawing();
    }

    /** On a page; to scale where that holds it, else by a scale that is said. */
    public static function pdf(Kit $kit, CutPlan $plan): string
    {
        $sheet = self::sheet($kit, $plan);
        $scale = 1.0;
        // What is written beside a sheet makes it wider, and smaller: twice is enough.
        foreach ([1, 2] as $ignored) {
            $print = new self($kit, $sheet, $scale);
            $scale = min(1.0, self::WIDE / $print->labels->width(), self::HIGH / $print->labels->height());
        }

        return (new self($kit, $sheet, $scale))->page();
    }

    /** @return SheetInHand */
    private static function sheet(Kit $kit, CutPlan $plan): array
    {
        return CutSheets::of($kit, null)->inHand($plan->sheet_id) ?? abort(404);
    }

    private function drawing(): string
    {
        $whole = sprintf('M0 0H%.3FV%.3FH0Z', $this->width, $this->height);
        $edge = ['fill' => Mark::NONE, 'stroke' => Ink::DARK, 'stroke-width' => 0.3];

        return Svg::document($this->labels->width(), $this->labels->height(), implode("\n", [
            Svg::of([Mark::surface('sheet', $whole, $this->sheet['component'], 0)], TableState::of($this->kit)->core),
            Svg::path($whole, ['fill' => Ink::LIGHT, 'opacity' => self::VEIL]),
            ...array_map($this->part(...), $this->sheet['parts']),
            ...array_map(self::blemish(...), $this->sheet['blemishes']),
            Svg::path($whole, $edge),
            ...array_map($this->cut(...), $this->sheet['cuts']),
            $this->labels->svg(),
        ]), $this->scale);
    }

    private function page(): string
    {
        $says = $this->scale === 1.0
            ? 'In its real size when printed at 100 %.'
            : sprintf('Drawn at %d %% of its real size; the measures are written.', (int) floor(100 * $this->scale));

        return (string) Pdf::render(view('sheet-plan', [
            'kit' => $this->kit,
            'sheet' => $this->sheet,
            'scale' => $says,
            'width' => sprintf('%.2F', $this->labels->width() * $this->scale),
            'height' => sprintf('%.2F', $this->labels->height() * $this->scale),
            'picture' => Raster::of($this->drawing()),
        ])->render(), $this->kit->unit)->output();
    }

    /** @param  PartOfSheet  $part */
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

    /** @param  CutOfSheet  $cut */
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
     * @param  PartOfSheet  $part
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
