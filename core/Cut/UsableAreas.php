<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use Closure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/**
 * The clean parts of a sheet without its unprinted margin and its blemishes, and the cuts that free them. The largest
 * parts that guillotine cuts can free come first.
 */
final readonly class UsableAreas
{
    /** A sheet with more blemishes than this is scrap. */
    public const MOST_BLEMISHES = 6;

    private function __construct(private Stock $stock)
    {
    }

    public static function of(Stock $stock): self
    {
        return new self($stock);
    }

    /** @return list<Rect> the largest first */
    public function parts(): array
    {
        $parts = [];
        $this->cuts(static function (Rect $part) use (&$parts): array {
            $parts[] = $part;

            return [];
        });
        usort($parts, static fn (Rect $a, Rect $b): int => $b->size->exactArea() <=> $a->size->exactArea());

        return $parts;
    }

    /** The part within the margin, with or without blemishes. Null if the margin leaves nothing. */
    public function inside(): ?Size
    {
        [$left, $top, $right, $bottom] = $this->edges();

        return $right > $left && $bottom > $top ? Size::ofUnits($right - $left, $bottom - $top) : null;
    }

    /** Whether a trimmer can make the cuts that free its parts. */
    public function isInReach(Trimmer $trimmer): bool
    {
        return $this->plan(static fn (): array => [])->canBeCutWith($trimmer);
    }

    /** A key that tells this part from the others. */
    public static function key(Rect $part): string
    {
        return "{$part->x->units}/{$part->y->units}";
    }

    /**
     * The whole sheet, with a plan for each of its clean parts.
     *
     * @param  Closure(Rect): array<string, mixed>  $then  the tree of cuts of a clean part
     */
    public function plan(Closure $then): SheetPlan
    {
        return SheetPlan::fromArray($this->stock, $this->cuts($then));
    }

    /**
     * @param  Closure(Rect): array<string, mixed>  $then
     * @return array<string, mixed>
     */
    private function cuts(Closure $then): array
    {
        return $this->inside() === null
            ? []
            : self::cropped(
                Rect::whole($this->stock->size),
                $this->edges(),
                fn (Rect $part): array => $this->round($part, $then),
            );
    }

    /** @return array{int, int, int, int} left, top, right and bottom of what is within the margin */
    private function edges(): array
    {
        $margin = $this->stock->margin->units;
        $size = $this->stock->size;

        return [$margin, $margin, $size->width->units - $margin, $size->height->units - $margin];
    }

    /**
     * @param  array{int, int, int, int}  $inside  left, top, right and bottom of what is kept
     * @param  Closure(Rect): array<string, mixed>  $then
     * @return array<string, mixed>
     */
    private static function cropped(Rect $part, array $inside, Closure $then): array
    {
        [$left, $top, $right, $bottom] = $inside;
        [$x, $y] = [$part->x->units, $part->y->units];
        foreach (
            [
                [Direction::Across, $top - $y, false],
                [Direction::Across, $bottom - $y, true],
                [Direction::Down, $left - $x, false],
                [Direction::Down, $right - $x, true],
            ] as [$direction, $at, $keepsFirst]
        ) {
            $side = $direction === Direction::Down ? $part->size->width->units : $part->size->height->units;
            if ($at > 0 && $at < $side) {
                [$first, $second] = Split::halves($part, $direction, Length::ofUnits($at));

                return [
                    'cut' => $direction->value,
                    'at' => $at,
                    'first' => $keepsFirst ? self::cropped($first, $inside, $then) : [],
                    'second' => $keepsFirst ? [] : self::cropped($second, $inside, $then),
                ];
            }
        }

        return $then($part);
    }

    /**
     * @param  Closure(Rect): array<string, mixed>  $then
     * @return array<string, mixed>
     */
    private function round(Rect $part, Closure $then): array
    {
        $in = array_values(array_filter($this->stock->blemishes, static fn (Rect $blemish): bool => $blemish->overlaps($part)));
        if ($in === []) {
            return $then($part);
        }
        $best = null;
        foreach ($in as $blemish) {
            foreach (self::ways($part, $blemish) as [$direction, $at]) {
                [$first, $second] = Split::halves($part, $direction, Length::ofUnits($at));
                $clean = max(
                    $this->isClean($first) ? $first->size->exactArea() : 0,
                    $this->isClean($second) ? $second->size->exactArea() : 0,
                );
                if ($best === null || $clean > $best[0]) {
                    $best = [$clean, $direction, $at, $first, $second];
                }
            }
        }

        return $best === null ? [] : [
            'cut' => $best[1]->value,
            'at' => $best[2],
            'first' => $this->round($best[3], $then),
            'second' => $this->round($best[4], $then),
        ];
    }

    private function isClean(Rect $part): bool
    {
        return array_filter($this->stock->blemishes, static fn (Rect $blemish): bool => $blemish->overlaps($part)) === [];
    }

    /** @return list<array{Direction, int}> the cuts along the sides of a blemish */
    private static function ways(Rect $part, Rect $blemish): array
    {
        $ways = [];
        foreach ([$blemish->x->units, $blemish->right()->units] as $x) {
            $ways[] = [Direction::Down, $x - $part->x->units, $part->size->width->units];
        }
        foreach ([$blemish->y->units, $blemish->bottom()->units] as $y) {
            $ways[] = [Direction::Across, $y - $part->y->units, $part->size->height->units];
        }

        return array_values(array_map(
            static fn (array $way): array => [$way[0], $way[1]],
            array_filter($ways, static fn (array $way): bool => $way[1] > 0 && $way[1] < $way[2]),
        ));
    }
}
