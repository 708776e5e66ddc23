<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use SplPriorityQueue;

/**
 * The highest value that can be cut from one sheet or scrap: the constrained two-dimensional guillotine knapsack.
 *
 * Best-first search over boxes built of boxes, after Viswanathan and Bagchi, "Best-first search methods for constrained
 * two-dimensional cutting stock problems", Operations Research 41 (1993). The promise of a box is its value plus an
 * upper bound for the area beside it. That bound is the lesser of two: the wanted pieces poured into the area like
 * water, and the best unconstrained cutting of the area. When the best promise is no more than the best value found,
 * that value is proven.
 *
 * A build is the box, its value, and its count of each wish.
 *
 * @phpstan-type Build array{Box, int, list<int>}
 */
final class Fill
{
    /** How many boxes are joined before the search gives up. What was found stays, with its bound. */
    public const MOST_BOXES = 1_500;

    /** @var SplPriorityQueue<array{int, int}, Build> */
    private SplPriorityQueue $open;

    /** @var list<Build> */
    private array $closed = [];

    /** @var array<string, true> */
    private array $seen = [];

    /** @var Build|null */
    private ?array $best = null;

    /** The highest value of a build, whether or not the trimmer can make its cuts. */
    private int $most = 0;

    private int $order = 0;

    private readonly ?Ground $ground;

    /** @var list<int> wishes by worth on the square, the densest first */
    private readonly array $densest;

    /** @param  list<Demand>  $wishes */
    private function __construct(private readonly Size $size, private readonly array $wishes, private readonly ?Trimmer $trimmer)
    {
        $this->open = new SplPriorityQueue;
        $this->open->setExtractFlags(SplPriorityQueue::EXTR_BOTH);
        $order = array_keys($wishes);
        usort(
            $order,
            static fn (int $a, int $b): int => $wishes[$b]->worth / $wishes[$b]->piece->size->exactArea()
                <=> $wishes[$a]->worth / $wishes[$a]->piece->size->exactArea(),
        );
        $this->densest = $order;
        $this->ground = Ground::of($size, $wishes);
    }

    /**
     * @param  list<Demand>  $wishes
     * @param  int  $most  boxes that are joined before the search is given up
     */
    public static function best(Stock $stock, array $wishes, int $most = self::MOST_BOXES, ?Trimmer $trimmer = null): Filling
    {
        if (! $stock->isClean()) {
            return self::onClean($stock, $wishes, $most, $trimmer ?? Trimmer::usual());
        }
        // The trimmer must be asked only if it is too short for the sheet.
        $short = $trimmer?->isShortFor($stock) === true ? $trimmer : null;
        $search = new self($stock->size, $wishes, $short);
        $bound = $search->run($most);
        $root = Rect::whole($stock->size);
        [$box, $worth] = $search->best ?? [null, 0];

        $node = $short === null ? $box?->cutFrom($root) : $box?->cutWith($short, $root);

        return Filling::of(SheetPlan::of($stock, $node ?? Leaf::offcut($root)), $worth, max($worth, $bound, $search->most));
    }

    /**
     * Fills the clean parts of a sheet with a margin or blemishes, the largest first. The sheet without blemishes gives
     * the bound. If it is reached, the value is proven.
     *
     * @param  list<Demand>  $wishes
     */
    private static function onClean(Stock $stock, array $wishes, int $most, Trimmer $trimmer): Filling
    {
        $clean = UsableAreas::of($stock);
        $bound = $clean->inside() === null ? 0 : self::best(Stock::offcut($stock->id, $clean->inside()), $wishes, $most)->upperBound;
        $worth = 0;
        $trees = [];
        foreach ($clean->isInReach($trimmer) ? $clean->parts() : [] as $part) {
            $filling = self::best(Stock::offcut($stock->id, $part->size), $wishes, $most, $trimmer);
            $worth += $filling->worth;
            $trees[UsableAreas::key($part)] = $filling->plan->toArray();
            $wishes = self::without($wishes, $filling->plan);
        }
        $plan = $worth === 0
                ? SheetPlan::of($stock, Leaf::offcut(Rect::whole($stock->size)))
                : $clean->plan(static fn (Rect $part): array => $trees[UsableAreas::key($part)] ?? []);

        return Filling::of($plan, $worth, max($worth, $bound));
    }

    /**
     * @param  list<Demand>  $wishes
     * @return list<Demand> what is still wished for
     */
    private static function without(array $wishes, SheetPlan $plan): array
    {
        $cut = array_count_values(array_map(static fn (Leaf $leaf): string => (string) $leaf->piece, $plan->pieces()));
        $left = [];
        foreach ($wishes as $wish) {
            $limit = $wish->limit - ($cut[$wish->piece->id] ?? 0);
            if ($limit > 0) {
                $left[] = Demand::for($wish->piece, $wish->worth, $limit);
            }
        }

        return $left;
    }

    /** @return int what no build is worth more than */
    private function run(int $most): int
    {
        foreach ($this->wishes as $n => $wish) {
            foreach ($wish->piece->mayTurn ? [false, true] : [false] as $turned) {
                $counts = array_fill(0, count($this->wishes), 0);
                $counts[$n] = 1;
                $this->add(Box::of($wish->piece, $turned), $wish->worth, array_values($counts));
            }
        }
        while (! $this->open->isEmpty()) {
            /** @var array{data: Build, priority: array{int, int}} $next */
            $next = $this->open->extract();
            if ($next['priority'][0] <= ($this->best[1] ?? 0)) {
                break;
            }
            if (count($this->closed) >= $most) {
                return $next['priority'][0];
            }
            $this->closed[] = $next['data'];
            $this->joinWithAll($next['data']);
        }

        return $this->best[1] ?? 0;
    }

    /** @param  Build  $build */
    private function joinWithAll(array $build): void
    {
        [$box, $worth, $counts] = $build;
        foreach ($this->closed as [$other, $its, $theirs]) {
            $isBeside = $box->width + $other->width <= $this->size->width->units;
            $isAbove = $box->height + $other->height <= $this->size->height->units;
            if (! $isBeside && ! $isAbove) {
                continue;
            }
            $sum = $this->sum($counts, $theirs);
            if ($sum === null) {
                continue;
            }
            if ($isBeside) {
                $this->add(Box::beside($box, $other), $worth + $its, $sum);
            }
            if ($isAbove) {
                $this->add(Box::above($box, $other), $worth + $its, $sum);
            }
        }
    }

    /**
     * @param  list<int>  $one
     * @param  list<int>  $two
     * @return list<int>|null null where more of a wish would be cut than is of use
     */
    private function sum(array $one, array $two): ?array
    {
        $sum = [];
        foreach ($one as $n => $count) {
            $sum[] = $both = $count + $two[$n];
            if ($both > $this->wishes[$n]->limit) {
                return null;
            }
        }

        return $sum;
    }

    /** @param  list<int>  $counts */
    private function add(Box $box, int $worth, array $counts): void
    {
        $key = "$box->width/$box->height/".implode(',', $counts);
        if (isset($this->seen[$key]) || ! $box->fits($this->size->width->units, $this->size->height->units)) {
            return;
        }
        $this->seen[$key] = true;
        $this->most = max($this->most, $worth);
        if ($worth > ($this->best[1] ?? 0) && $this->isInReach($box)) {
            $this->best = [$box, $worth, $counts];
        }
        $promise = $worth + min(
            $this->atMost($this->size->exactArea() - $box->width * $box->height, $counts),
            $this->ground?->beside($box->width, $box->height) ?? PHP_INT_MAX,
        );
        if ($promise > ($this->best[1] ?? 0)) {
            // Of two equal promises the larger box is nearer to the end. Then the earlier one counts.
            $this->open->insert([$box, $worth, $counts], [$promise, $worth * 1_000_000 - $this->order++]);
        }
    }

    private function isInReach(Box $box): bool
    {
        return $this->trimmer === null || $box->cutWith($this->trimmer, Rect::whole($this->size)) !== null;
    }

    /**
     * The value of the wanted pieces, if they could be poured into this area like water.
     *
     * @param  list<int>  $counts
     */
    private function atMost(int $area, array $counts): int
    {
        $worth = 0;
        foreach ($this->densest as $n) {
            $each = $this->wishes[$n]->piece->size->exactArea();
            $fit = min($this->wishes[$n]->limit - $counts[$n], intdiv($area, $each));
            $worth += $fit * $this->wishes[$n]->worth;
            $area -= $fit * $each;
            if ($fit < $this->wishes[$n]->limit - $counts[$n]) {
                // A share of one more piece, rounded down where that is exact, since values are whole numbers. It is
                // never below the true value.
                $more = $this->wishes[$n]->worth;

                $isExact = $more < intdiv(PHP_INT_MAX, max(1, $area));

                return $worth + ($isExact ? intdiv($area * $more, $each) : (int) ceil($area / $each * $more));
            }
        }

        return $worth;
    }
}
