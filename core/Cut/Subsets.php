<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/**
 * The least number of whole sheets for a handful of pieces, proven.
 *
 * For every set of pieces all boxes are built that no other box of the same set fits inside; every guillotine pattern
 * is such a build. Then every way of spreading the pieces over the sheets is looked at. Both grow as 3 to the number of
 * pieces, so this is for one paper of one kit, not for a pad.
 */
final class Subsets
{
    public const MOST = 8;

    /** @var array<int, list<Box>> by set of pieces, a bit each */
    private array $boxes = [];

    /** @var array<string, array{int, list<array{int, Box}>}|null> */
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
                $one[1]->cutFrom(Rect::whole($stock[$one[0]]->size)),
            ),
            $found[1],
        );

        return CutPlan::of($sheets, [], $found[0]);
    }

    private function build(): void
    {
        [$width, $height] = [0, 0];
        foreach ($this->stock as $stock) {
            $width = max($width, $stock->size->width->units);
            $height = max($height, $stock->size->height->units);
        }
        for ($set = 1; $set < 1 << count($this->pieces); $set++) {
            $boxes = [];
            foreach ($this->candidates($set) as $box) {
                if ($box->fits($width, $height)) {
                    $boxes[] = $box;
                }
            }
            $this->boxes[$set] = self::undominated($boxes);
        }
    }

    /** @return iterable<Box> */
    private function candidates(int $set): iterable
    {
        if (($set & ($set - 1)) === 0) {
            $piece = $this->pieces[(int) log($set, 2)];
            yield Box::of($piece, false);
            if ($piece->mayTurn) {
                yield Box::of($piece, true);
            }

            return;
        }
        // Each pair of parts once: the lowest piece is always in the first.
        $lowest = $set & -$set;
        for ($one = ($set - 1) & $set; $one > 0; $one = ($one - 1) & $set) {
            if (($one & $lowest) === 0) {
                continue;
            }
            foreach ($this->boxes[$one] as $a) {
                foreach ($this->boxes[$set ^ $one] as $b) {
                    yield Box::beside($a, $b);
                    yield Box::above($a, $b);
                }
            }
        }
    }

    /**
     * @param  list<Box>  $boxes
     * @return list<Box> those that no other fits inside
     */
    private static function undominated(array $boxes): array
    {
        usort($boxes, static fn (Box $a, Box $b): int => [$a->width, $a->height] <=> [$b->width, $b->height]);
        $best = [];
        $lowest = PHP_INT_MAX;
        foreach ($boxes as $box) {
            if ($box->height < $lowest) {
                $best[] = $box;
                $lowest = $box->height;
            }
        }

        return $best;
    }

    /**
     * The fewest whole sheets that a set can be cut from, with the stock from $from on.
     *
     * @return array{int, list<array{int, Box}>}|null
     */
    private function spread(int $set, int $from): ?array
    {
        if ($set === 0) {
            return [0, []];
        }
        if (! isset($this->stock[$from])) {
            return null;
        }

        // That there is no way is remembered too.
        if (! array_key_exists("$set/$from", $this->known)) {
            $this->known["$set/$from"] = $this->cheapest($set, $from);
        }

        return $this->known["$set/$from"];
    }

    /** @return array{int, list<array{int, Box}>}|null */
    private function cheapest(int $set, int $from): ?array
    {
        $stock = $this->stock[$from];
        $best = $this->spread($set, $this->nextUnlike($from));
        for ($own = $set; $own > 0; $own = ($own - 1) & $set) {
            $box = $this->fitting($own, $stock);
            $rest = $box === null ? null : $this->spread($set ^ $own, $from + 1);
            if ($box === null || $rest === null) {
                continue;
            }
            $opened = $rest[0] + ($stock->isWhole ? 1 : 0);
            if ($best === null || $opened < $best[0]) {
                $best = [$opened, [[$from, $box], ...$rest[1]]];
            }
        }

        return $best;
    }

    /** The first stock after this that is not like it: to leave out one of several alike is to leave out all. */
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

    private function fitting(int $set, Stock $stock): ?Box
    {
        foreach ($this->boxes[$set] as $box) {
            if ($box->fits($stock->size->width->units, $stock->size->height->units)) {
                return $box;
            }
        }

        return null;
    }
}
