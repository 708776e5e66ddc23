<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/**
 * What of each part shows once everything lies on it, and what can be cut out from under.
 *
 * Exact: the edges of all parts divide the front into cells, and each cell shows the topmost part over it.
 */
final readonly class Visibility
{
    /**
     * @param  array<string, int>  $shown  square units of each part that show
     * @param  array<string, Size>  $spare  by part: the largest rectangle in its middle that no one sees and that can be used elsewhere
     */
    private function __construct(private array $shown, private array $spare)
    {
    }

    public static function of(Layout $layout): self
    {
        $shown = [];
        $spare = [];
        foreach ($layout->parts as $i => $laid) {
            $above = array_slice($layout->parts, $i + 1);
            $shown[$laid->part->id] = $laid->rect->size->exactArea() - self::covered($laid->rect, $above);
            $size = self::spare($laid->rect, $above);
            if ($size !== null) {
                $spare[$laid->part->id] = $size;
            }
        }

        return new self($shown, $spare);
    }

    /** Square units of 1/8 micrometre, squared. */
    public function shownArea(string $part): int
    {
        return $this->shown[$part] ?? 0;
    }

    /** In whole per cent of the part, rounded down. */
    public function shownPercent(Laid $laid): int
    {
        return intdiv(100 * $this->shownArea($laid->part->id), $laid->rect->size->exactArea());
    }

    public function spareOf(string $part): ?Size
    {
        return $this->spare[$part] ?? null;
    }

    /** @param  list<Laid>  $above */
    private static function covered(Rect $rect, array $above): int
    {
        $xs = [$rect->x->units, $rect->right()->units];
        $ys = [$rect->y->units, $rect->bottom()->units];
        foreach ($above as $laid) {
            array_push($xs, $laid->rect->x->units, $laid->rect->right()->units);
            array_push($ys, $laid->rect->y->units, $laid->rect->bottom()->units);
        }
        $xs = self::within($xs, $rect->x->units, $rect->right()->units);
        $ys = self::within($ys, $rect->y->units, $rect->bottom()->units);
        $covered = 0;
        for ($i = 0; $i + 1 < count($xs); $i++) {
            for ($j = 0; $j + 1 < count($ys); $j++) {
                $cell = Rect::ofUnits($xs[$i], $ys[$j], $xs[$i + 1] - $xs[$i], $ys[$j + 1] - $ys[$j]);
                $isCovered = array_filter($above, static fn (Laid $laid): bool => $laid->rect->contains($cell)) !== [];
                $covered += $isCovered ? $cell->size->exactArea() : 0;
            }
        }

        return $covered;
    }

    /**
     * @param  list<int>  $edges
     * @return list<int> sorted, each once
     */
    private static function within(array $edges, int $from, int $to): array
    {
        $edges = array_values(array_unique(array_filter($edges, static fn (int $edge): bool => $edge >= $from && $edge <= $to)));
        sort($edges);

        return $edges;
    }

    /**
     * A good half inch is left under the edges of what covers it, to glue to.
     *
     * @param  list<Laid>  $above
     */
    private static function spare(Rect $rect, array $above): ?Size
    {
        $glue = Length::inches(0, 1, 2)->units;
        $best = null;
        foreach ($above as $laid) {
            $left = max($rect->x->units, $laid->rect->x->units) + $glue;
            $top = max($rect->y->units, $laid->rect->y->units) + $glue;
            $width = min($rect->right()->units, $laid->rect->right()->units) - $glue - $left;
            $height = min($rect->bottom()->units, $laid->rect->bottom()->units) - $glue - $top;
            // Below an inch it is not worth the knife.
            if (min($width, $height) >= 2 * $glue && ($best === null || $width * $height > $best->exactArea())) {
                $best = Size::ofUnits($width, $height);
            }
        }

        return $best;
    }
}
