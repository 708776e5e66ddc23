<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/**
 * The least number of whole sheets for a few pieces, proven.
 *
 * For every set of pieces it builds all boxes that contain no other box of the same set. Every guillotine pattern is
 * such a build. Then it tries every way to spread the pieces over the sheets. Both grow as 3 to the number of pieces,
 * so this is only for one paper of one kit.
 *
 * An entry of sides holds the width and height of a box and how it is made: a piece, or two sets with their boxes and
 * the cut between them. Only the ones in a plan become a Box.
 *
 * @phpstan-type Sides array{int, int, Box|array{int, int, int, int, Direction}}
 */
final class ExactSmall
{
    public const MOST = 8;

    /** @var array<int, list<Sides>> by set of pieces, a bit each; the narrowest first */
    private array $boxes = [];

    /** @var array<string, array<int, Sides>> by the sides of a stock: what fits it, by set of pieces */
    private array $fitting = [];

    /** @var array<int, array{int, list<array{int, Sides}>}|null> by set and the first stock it may have */
    private array $known = [];

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private function __construct(private readonly array $stock, private readonly array $pieces)
    {
    }

    /**
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  no more than MOST
     * @return CutPlan|null null where they cannot all be cut
     */
    public static function plan(array $stock, array $pieces): ?CutPlan
    {
        // Offcuts first: they cost nothing.
        usort($stock, static fn (Stock $a, Stock $b): int => [$a->isWhole, $b->size->exactArea()] <=> [$b->isWhole, $a->size->exactArea()]);
        $search = new self($stock, $pieces);
        $search->build();
        $found = $search->spread((1 << count($pieces)) - 1, 0);
        if ($found === null) {
            return null;
        }
        $sheets = array_map(
            static fn (array $one): SheetPlan => SheetPlan::of(
                $stock[$one[0]],
                $search->box($one[1])->cutFrom(Rect::whole($stock[$one[0]]->size)),
            ),
            $found[1],
        );

        return CutPlan::of($sheets, [], $found[0]);
    }

    private function build(): void
    {
        $rooms = $this->rooms();
        for ($set = 1; $set < 1 << count($this->pieces); $set++) {
            $lowest = ($set & ($set - 1)) === 0 ? $this->single($set) : $this->joined($set);
            $this->boxes[$set] = self::undominated($lowest, $rooms);
        }
    }

    /** @return list<array{int, int}> the sides of the stock, each size once */
    private function rooms(): array
    {
        $rooms = [];
        foreach ($this->stock as $stock) {
            [$width, $height] = [$stock->size->width->units, $stock->size->height->units];
            $rooms["$width/$height"] = [$width, $height];
        }

        return array_values($rooms);
    }

    /** @return array<int, Sides> by width, the lowest of each */
    private function single(int $set): array
    {
        $piece = $this->pieces[(int) log($set, 2)];
        $lowest = [];
        foreach ($piece->mayTurn ? [false, true] : [false] as $turned) {
            $box = Box::of($piece, $turned);
            $lowest[$box->width] = [$box->width, $box->height, $box];
        }

        return $lowest;
    }

    /** @return array<int, Sides> by width, the lowest of each */
    private function joined(int $set): array
    {
        $lowest = [];
        // Each pair of parts is tried once: the lowest piece is always in the first part.
        $first = $set & -$set;
        for ($one = ($set - 1) & $set; $one > 0; $one = ($one - 1) & $set) {
            if (($one & $first) === 0) {
                continue;
            }
            $other = $set ^ $one;
            foreach ($this->boxes[$one] as $i => [$width, $height]) {
                foreach ($this->boxes[$other] as $j => [$itsWidth, $itsHeight]) {
                    $beside = $width + $itsWidth;
                    $high = $height > $itsHeight ? $height : $itsHeight;
                    if (! isset($lowest[$beside]) || $high < $lowest[$beside][1]) {
                        $lowest[$beside] = [$beside, $high, [$one, $i, $other, $j, Direction::Down]];
                    }
                    $wide = $width > $itsWidth ? $width : $itsWidth;
                    $above = $height + $itsHeight;
                    if (! isset($lowest[$wide]) || $above < $lowest[$wide][1]) {
                        $lowest[$wide] = [$wide, $above, [$one, $i, $other, $j, Direction::Across]];
                    }
                }
            }
        }

        return $lowest;
    }

    /**
     * @param  array<int, Sides>  $boxes  by width
     * @param  list<array{int, int}>  $rooms
     * @return list<Sides> those that fit one of the rooms and that no other fits inside
     */
    private static function undominated(array $boxes, array $rooms): array
    {
        ksort($boxes);
        $best = [];
        $lowest = PHP_INT_MAX;
        foreach ($boxes as $sides) {
            if ($sides[1] < $lowest && self::fitsOne($sides, $rooms)) {
                $best[] = $sides;
                $lowest = $sides[1];
            }
        }

        return $best;
    }

    /**
     * @param  Sides  $sides
     * @param  list<array{int, int}>  $rooms
     */
    private static function fitsOne(array $sides, array $rooms): bool
    {
        foreach ($rooms as [$width, $height]) {
            if ($sides[0] <= $width && $sides[1] <= $height) {
                return true;
            }
        }

        return false;
    }

    /** @param  Sides  $sides */
    private function box(array $sides): Box
    {
        if ($sides[2] instanceof Box) {
            return $sides[2];
        }
        [$one, $i, $other, $j, $direction] = $sides[2];
        [$first, $second] = [$this->box($this->boxes[$one][$i]), $this->box($this->boxes[$other][$j])];

        return $direction === Direction::Down ? Box::beside($first, $second) : Box::above($first, $second);
    }

    /**
     * The fewest whole sheets for a set, using the stock from $from on.
     *
     * @return array{int, list<array{int, Sides}>}|null
     */
    private function spread(int $set, int $from): ?array
    {
        if ($set === 0) {
            return [0, []];
        }
        if (! isset($this->stock[$from])) {
            return null;
        }

        // An impossible set is remembered too.
        $key = $from << self::MOST | $set;
        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->cheapest($set, $from);
        }

        return $this->known[$key];
    }

    /** @return array{int, list<array{int, Sides}>}|null */
    private function cheapest(int $set, int $from): ?array
    {
        $stock = $this->stock[$from];
        $best = $this->spread($set, $this->nextUnlike($from));
        foreach ($this->fitting($stock) as $own => $sides) {
            // Nothing is less than no sheet at all.
            if ($best !== null && $best[0] === 0) {
                break;
            }
            $rest = ($own & $set) === $own ? $this->spread($set ^ $own, $from + 1) : null;
            if ($rest === null) {
                continue;
            }
            $opened = $rest[0] + ($stock->isWhole ? 1 : 0);
            if ($best === null || $opened < $best[0]) {
                $best = [$opened, [[$from, $sides], ...$rest[1]]];
            }
        }

        return $best;
    }

    /**
     * The first stock after this that differs from it. Leaving out one of several equal sheets is leaving out all of
     * them.
     */
    private function nextUnlike(int $from): int
    {
        $next = $from + 1;
        while (
            isset($this->stock[$next])
            && $this->stock[$next]->isWhole === $this->stock[$from]->isWhole
            && $this->stock[$next]->size->equals($this->stock[$from]->size)
        ) {
            $next++;
        }

        return $next;
    }

    /** @return array<int, Sides> by set of pieces, the largest sets first */
    private function fitting(Stock $stock): array
    {
        [$width, $height] = [$stock->size->width->units, $stock->size->height->units];

        return $this->fitting["$width/$height"] ??= array_filter(
            array_map(
                static function (array $boxes) use ($width, $height): ?array {
                    foreach ($boxes as $sides) {
                        if ($sides[0] <= $width && $sides[1] <= $height) {
                            return $sides;
                        }
                    }

                    return null;
                },
                array_reverse($this->boxes, true),
            ),
        );
    }
}
