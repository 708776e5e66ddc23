<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/**
 * How much of each part stays visible once everything lies on it, and what can be cut out from below.
 *
 * The front is read in level rows between the corners of outlines. In a row every outline is straight, so its middle
 * line gives the area. Rows are thin where slanted edges cross. Rectangles are exact.
 */
final readonly class Visibility
{
    /** Rows over slanted or curved edges are at most 2 mm high. */
    private const ROW = 16_000;

    /**
     * @param  array<string, int>  $areas  square units of each part
     * @param  array<string, int>  $shown  square units of each part that show
     * @param  array<string, Size>  $spare  by part: the largest rectangle in its middle that no one sees and that can be used elsewhere
     */
    private function __construct(private array $areas, private array $shown, private array $spare)
    {
    }

    public static function of(Layout $layout): self
    {
        $areas = $shown = array_fill_keys(array_map(static fn (Laid $laid): string => $laid->part->id, $layout->parts), 0);
        $levels = self::levels($layout);
        $topDown = array_reverse($layout->parts);
        for ($i = 0; $i + 1 < count($levels); $i++) {
            $high = $levels[$i + 1] - $levels[$i];
            $covered = [];
            foreach ($topDown as $laid) {
                if ($laid->rect->y->units > $levels[$i] || $laid->rect->bottom()->units < $levels[$i + 1]) {
                    continue;
                }
                $spans = $laid->outline->across($levels[$i] + intdiv($high, 2));
                $joined = $covered === [] ? $spans : self::join([...$covered, ...$spans]);
                $areas[$laid->part->id] += $high * self::length($spans);
                $shown[$laid->part->id] += $high * (self::length($joined) - self::length($covered));
                $covered = $joined;
            }
        }
        $spare = [];
        foreach ($layout->parts as $i => $laid) {
            $size = $laid->part->form->kind === FormKind::Plain ? self::spare($laid, array_slice($layout->parts, $i + 1)) : null;
            if ($size !== null) {
                $spare[$laid->part->id] = $size;
            }
        }

        return new self($areas, $shown, $spare);
    }

    /** Square units of 1/8 micrometre, squared. */
    public function areaOf(string $part): int
    {
        return $this->areas[$part] ?? 0;
    }

    public function shownArea(string $part): int
    {
        return $this->shown[$part] ?? 0;
    }

    public function hiddenArea(string $part): int
    {
        return $this->areaOf($part) - $this->shownArea($part);
    }

    /** In whole per cent of the part, rounded down. */
    public function shownPercent(string $part): int
    {
        return intdiv(100 * $this->shownArea($part), max(1, $this->areaOf($part)));
    }

    public function spareOf(string $part): ?Size
    {
        return $this->spare[$part] ?? null;
    }

    /** @return list<int> */
    private static function levels(Layout $layout): array
    {
        $levels = array_merge([], ...array_map(static fn (Laid $laid): array => $laid->outline->levels(), $layout->parts));
        foreach ($layout->parts as $laid) {
            if (! $laid->outline->isRect) {
                for ($y = $laid->rect->y->units + self::ROW; $y < $laid->rect->bottom()->units; $y += self::ROW) {
                    $levels[] = $y;
                }
            }
        }
        $levels = array_values(array_unique($levels));
        sort($levels);

        return $levels;
    }

    /** @param  list<array{int, int}>  $spans that do not overlap */
    private static function length(array $spans): int
    {
        $length = 0;
        foreach ($spans as [$from, $to]) {
            $length += $to - $from;
        }

        return $length;
    }

    /**
     * @param  list<array{int, int}>  $spans
     * @return list<array{int, int}> the same area, without overlaps
     */
    private static function join(array $spans): array
    {
        sort($spans);
        $joined = [];
        foreach ($spans as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $to);
            } else {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }

    /**
     * A good half inch is left for glue under the edges of what covers it.
     *
     * @param  list<Laid>  $above
     */
    private static function spare(Laid $laid, array $above): ?Size
    {
        $glue = Length::inches(0, 1, 2)->units;
        $best = null;
        foreach ($above as $cover) {
            if ($cover->part->form->kind !== FormKind::Plain) {
                continue;
            }
            $left = max($laid->rect->x->units, $cover->rect->x->units) + $glue;
            $top = max($laid->rect->y->units, $cover->rect->y->units) + $glue;
            $width = min($laid->rect->right()->units, $cover->rect->right()->units) - $glue - $left;
            $height = min($laid->rect->bottom()->units, $cover->rect->bottom()->units) - $glue - $top;
            // Less than an inch is not worth cutting out.
            if (min($width, $height) >= 2 * $glue && ($best === null || $width * $height > $best->exactArea())) {
                $best = Size::ofUnits($width, $height);
            }
        }

        return $best;
    }
}
