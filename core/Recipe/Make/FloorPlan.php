<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use KeepShare\Core\Cut\Box;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use Random\Randomizer;

/**
 * The papers of some cards on their sheets, during the search for the best places.
 *
 * Each sheet holds a slicing tree in postfix form: papers by number, and after two of them how they lie together (Wong
 * and Liu, "A new algorithm for floorplan design", 1986). So everything that fits the sheet can be cut by guillotine
 * cuts. During the search papers may reach over the edge. Copies are cheap, and changes are tried on copies.
 */
final class FloorPlan
{
    /** The most papers on a card. The number of a paper is that of its card times this, plus its own. */
    public const LEAVES = 8;

    /** Two parts side by side, and two parts on one another. Subtracting one from their sum gives the other. */
    private const BESIDE = -1;

    private const ABOVE = -2;

    /** The penalties for a repeated sketch and for a plain design, in 1/100000 of all the paper. */
    private const AGAIN = 40;

    /** The same if the number of cards is fixed. */
    private const DIFFERENT = 150;

    private const PLAIN = 15;

    /** How many papers of similar size are candidates for an exchange. */
    private const PARTNERS = 3;

    /** Designs that need about as much paper are at most this far apart in the list. */
    private const NEAR = 16;

    /** @var array<int, int> the way of each card */
    private array $wayOf = [];

    /** @var array<int, int> how many cards there are of each way */
    private array $many = [];

    /** @var array<string, int> how many cards there are on each sketch */
    private array $onSketch = [];

    /** @var array<int, int> by the number of a paper, as it lies */
    private array $wide = [];

    /** @var array<int, int> */
    private array $high = [];

    /** @var array<int, int> the sheet of each paper */
    private array $on = [];

    /** @var non-empty-array<int, list<int>> what lies on each sheet */
    private array $trees;

    /** @var array<int, int> how much stands out over each sheet */
    private array $over;

    private int $used = 0;

    /** The area of all sheets, and the sides of one. */
    private readonly int $area;

    private readonly int $width;

    private readonly int $height;

    private readonly int $again;

    /** @var array<int, list<int>> the ways that want so many papers, the leanest first */
    private readonly array $wanting;

    /** @var array<int, non-empty-list<non-empty-list<int>>> the same by their sketch */
    private readonly array $onEach;

    /** @var array<int, int> where each way is among those that want as many */
    private readonly array $rank;

    /** Cards on a repeated sketch, and how plain all are. */
    private int $repeats = 0;

    private int $plain = 0;

    /** @param  list<CardWay>  $ways */
    private function __construct(
        private readonly Ask $ask,
        private readonly array $ways,
        private readonly Randomizer $random,
    ) {
        $wanting = $rank = $onEach = [];
        foreach ($ways as $n => $way) {
            $many = count($way->papers);
            $rank[$n] = count($wanting[$many] ?? []);
            $wanting[$many][] = $n;
            $onEach[$many][$way->sketch->key][] = $n;
        }
        [$this->wanting, $this->rank, $this->area] = [$wanting, $rank, $ask->area()];
        $this->onEach = array_map(array_values(...), $onEach);
        [$this->width, $this->height] = [$ask->sheet->width->units, $ask->sheet->height->units];
        // If alike cards are wished for, repeats cost nothing.
        $this->again = match (true) {
            $ask->alike > 1 => 0,
            $ask->cards === null => self::AGAIN,
            default => self::DIFFERENT,
        };
        $this->trees = array_fill(0, max(1, $ask->sheets), []);
        $this->over = array_fill(0, $ask->sheets, 0);
    }

    /**
     * Places some cards at random, each with a design that takes about its share.
     *
     * @param  list<CardWay>  $ways  the leanest first
     * @param  int  $cards  no more than there are ways for
     */
    public static function strewn(Ask $ask, array $ways, int $cards, Randomizer $random): self
    {
        $floor = new self($ask, $ways, $random);
        $share = intdiv($ask->area(), $cards);
        for ($card = 0; $card < $cards; $card++) {
            $best = null;
            for ($try = 0; $try < 4 || $best === null; $try++) {
                $way = $try < 50 ? $random->getInt(0, count($ways) - 1) : $floor->leanestFree();
                $isNearer = $best === null || abs($ways[$way]->area() - $share) < abs($ways[$best]->area() - $share);
                $best = $floor->isFree($way) && $isNearer ? $way : $best;
            }
            $floor->add($card, $best);
        }

        return $floor;
    }

    private function leanestFree(): int
    {
        foreach (array_keys($this->ways) as $way) {
            if ($this->isFree($way)) {
                return $way;
            }
        }

        return 0;
    }

    private function isFree(int $way): bool
    {
        return ($this->many[$way] ?? 0) < $this->ask->alike;
    }

    /**
     * The total penalty: what reaches over, what is unused, and what is repeated or plain.
     *
     * @param  float  $press  how much more what stands out costs than what is not used
     */
    public function cost(float $press): float
    {
        return $press * array_sum($this->over)
            + abs($this->area - $this->used)
            + $this->area / 100_000 * ($this->again * $this->repeats + self::PLAIN * $this->plain);
    }

    /** Whether nothing reaches over its sheet. */
    public function isSound(): bool
    {
        return array_sum($this->over) === 0;
    }

    /** How much of the paper is on cards, exact. */
    public function used(): int
    {
        return $this->used;
    }

    /** A copy with one change. Null if nothing changed. */
    public function changed(): ?self
    {
        $next = clone $this;
        $dice = $this->random->getInt(0, 99);
        $isChanged = match (true) {
            $dice < 52 => $next->remeasure(),
            $dice < 80 => $next->swap(),
            $dice < 95 => $next->move(),
            $dice < 97 => $next->redesign(),
            $dice < 99 => $next->turn(),
            default => $next->flip(),
        };

        return $isChanged ? $next : null;
    }

    /** @return list<CardWay> the way of each card */
    public function cards(): array
    {
        return array_values(array_map(fn (int $way): CardWay => $this->ways[$way], $this->wayOf));
    }

    /**
     * How the sheets are cut.
     *
     * @param  list<string>  $letters  of the sheets
     * @return list<SheetPlan> pieces by the number of their card and their part: "3/upper"
     */
    public function plans(array $letters): array
    {
        $plans = [];
        foreach ($this->trees as $sheet => $tree) {
            $stack = [];
            foreach ($tree as $token) {
                if ($token >= 0) {
                    $stack[] = $this->box($token);

                    continue;
                }
                [$two, $one] = [array_pop($stack), array_pop($stack)];
                if ($one !== null && $two !== null) {
                    $stack[] = $token === self::BESIDE ? Box::beside($one, $two) : Box::above($one, $two);
                }
            }
            $stock = Stock::sheet($letters[$sheet], $this->ask->sheet);
            $whole = Rect::whole($stock->size);
            $plans[] = SheetPlan::of($stock, isset($stack[0]) ? $stack[0]->cutFrom($whole) : Leaf::offcut($whole));
        }

        return $plans;
    }

    private function box(int $leaf): Box
    {
        $laid = $this->ways[$this->wayOf[intdiv($leaf, self::LEAVES)]]->papers[$leaf % self::LEAVES];
        $id = (intdiv($leaf, self::LEAVES) + 1)."/{$laid->part->id}";

        return Box::of(
            Piece::of($id, $laid->cut, $laid->part->role->mayTurn()),
            ! $laid->cut->equals(Size::ofUnits($this->wide[$leaf], $this->high[$leaf])),
        );
    }

    /** Exchanges two papers. */
    private function swap(): bool
    {
        $one = $two = $this->anyLeaf();
        for ($try = 0, $best = PHP_INT_MAX; $try < self::PARTNERS; $try++) {
            $other = $this->anyLeaf();
            $apart = abs($this->wide[$one] - $this->wide[$other]) + abs($this->high[$one] - $this->high[$other]);
            if ($other !== $one && $apart < $best) {
                [$two, $best] = [$other, $apart];
            }
        }
        [$here, $there] = [$this->on[$one], $this->on[$two]];
        if ($one === $two || ($here !== $there && (! $this->mayLie($one, $there) || ! $this->mayLie($two, $here)))) {
            return false;
        }
        [$at, $its] = [array_search($one, $this->trees[$here], true), array_search($two, $this->trees[$there], true)];
        if (! is_int($at) || ! is_int($its)) {
            return false;
        }
        array_splice($this->trees[$here], $at, 1, [$two]);
        array_splice($this->trees[$there], $its, 1, [$one]);
        [$this->on[$one], $this->on[$two]] = [$there, $here];
        $this->weigh($here);
        $this->weigh($there);

        return true;
    }

    /** Lays two parts on one another instead of side by side, or the other way round. */
    private function flip(): bool
    {
        $sheet = $this->random->getInt(0, count($this->trees) - 1);
        $last = count($this->trees[$sheet]) - 1;
        $at = $last < 2 ? 0 : $this->random->getInt(2, $last);
        if ($last < 2 || $this->trees[$sheet][$at] >= 0) {
            return false;
        }
        $this->trees[$sheet][$at] = self::BESIDE + self::ABOVE - $this->trees[$sheet][$at];
        $this->weigh($sheet);

        return true;
    }

    /** Turns a small piece on its side. */
    private function turn(): bool
    {
        $leaf = $this->anyLeaf();
        $part = $this->ways[$this->wayOf[intdiv($leaf, self::LEAVES)]]->papers[$leaf % self::LEAVES]->part;
        if (! $part->role->mayTurn() || $this->wide[$leaf] === $this->high[$leaf]) {
            return false;
        }
        [$this->wide[$leaf], $this->high[$leaf]] = [$this->high[$leaf], $this->wide[$leaf]];
        $this->weigh($this->on[$leaf]);

        return true;
    }

    /** Moves a paper beside others. */
    private function move(): bool
    {
        $leaf = $this->anyLeaf();
        $sheet = $this->random->getInt(0, count($this->trees) - 1);
        if (! $this->mayLie($leaf, $sheet)) {
            return false;
        }
        $left = $this->on[$leaf];
        $this->lift($leaf);
        $this->lay($leaf, $sheet);
        $this->weigh($left);
        $this->weigh($sheet);

        return true;
    }

    /** Gives a card another design with as many papers. They keep their places. */
    private function remeasure(): bool
    {
        $card = $this->random->getInt(0, count($this->wayOf) - 1);
        $old = $this->wayOf[$card];
        $many = count($this->ways[$old]->papers);
        $way = $this->random->getInt(0, 1) === 1 ? $this->near($old) : $this->any($this->any($this->onEach[$many]));
        if (! $this->isFree($way)) {
            return false;
        }
        $this->count($old, -1);
        $this->wayOf[$card] = $way;
        $this->count($way, 1);
        foreach ($this->ways[$way]->papers as $n => $laid) {
            $leaf = self::LEAVES * $card + $n;
            [$wide, $high] = [$laid->cut->width->units, $laid->cut->height->units];
            $liesOtherwise = ($this->wide[$leaf] > $this->high[$leaf]) !== ($wide > $high);
            $isTurned = $liesOtherwise && $laid->part->role->mayTurn() && $this->random->getInt(0, 3) > 0;
            [$this->wide[$leaf], $this->high[$leaf]] = $isTurned ? [$high, $wide] : [$wide, $high];
        }
        for ($n = 0; $n < $many; $n++) {
            $this->weigh($this->on[self::LEAVES * $card + $n]);
        }

        return true;
    }

    /** A design that takes about as much paper, in as many pieces. */
    private function near(int $way): int
    {
        $alike = $this->wanting[count($this->ways[$way]->papers)];
        $rank = $this->rank[$way];

        return $alike[$this->random->getInt(max(0, $rank - self::NEAR), min(count($alike) - 1, $rank + self::NEAR))];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    private function any(array $list): mixed
    {
        return $list[$this->random->getInt(0, count($list) - 1)];
    }

    /** Gives a card any other design, and places its papers again. */
    private function redesign(): bool
    {
        $card = $this->random->getInt(0, count($this->wayOf) - 1);
        $way = $this->random->getInt(0, count($this->ways) - 1);
        if (! $this->isFree($way)) {
            return false;
        }
        $old = $this->wayOf[$card];
        foreach (array_keys($this->ways[$old]->papers) as $n) {
            $leaf = self::LEAVES * $card + $n;
            $sheet = $this->on[$leaf];
            $this->lift($leaf);
            unset($this->wide[$leaf], $this->high[$leaf], $this->on[$leaf]);
            $this->weigh($sheet);
        }
        $this->count($old, -1);
        $this->add($card, $way);

        return true;
    }

    /** Spreads the papers of a card over as many sheets. */
    private function add(int $card, int $way): void
    {
        $this->wayOf[$card] = $way;
        $this->count($way, 1);
        $sheets = $this->random->pickArrayKeys($this->trees, count($this->ways[$way]->papers));
        $sheets = $this->random->shuffleArray($sheets);
        foreach ($this->ways[$way]->papers as $n => $laid) {
            $leaf = self::LEAVES * $card + $n;
            $isTurned = $laid->part->role->mayTurn() && $this->random->getInt(0, 1) === 1;
            $lies = $isTurned ? $laid->cut->turned() : $laid->cut;
            [$this->wide[$leaf], $this->high[$leaf]] = [$lies->width->units, $lies->height->units];
            $this->lay($leaf, (int) $sheets[$n]);
            $this->weigh((int) $sheets[$n]);
        }
    }

    /** Updates the totals when a card with a design comes or goes. */
    private function count(int $way, int $by): void
    {
        $sketch = $this->ways[$way]->sketch->key;
        $this->many[$way] = ($this->many[$way] ?? 0) + $by;
        $this->used += $by * $this->ways[$way]->area();
        $this->plain += $by * $this->ways[$way]->plainness();
        $there = $this->onSketch[$sketch] ?? 0;
        $this->onSketch[$sketch] = $there + $by;
        // Every pair on one sketch counts, so ten on one are worse than two on five.
        $this->repeats += $by > 0 ? $there : 1 - $there;
    }

    private function anyLeaf(): int
    {
        return $this->on === [] ? 0 : (int) $this->random->pickArrayKeys($this->on, 1)[0];
    }

    /** Whether no other paper of its card lies on the sheet, since no card shows one print twice. */
    private function mayLie(int $leaf, int $sheet): bool
    {
        $first = $leaf - $leaf % self::LEAVES;
        for ($other = $first; isset($this->on[$other]); $other++) {
            if ($other !== $leaf && $this->on[$other] === $sheet) {
                return false;
            }
        }

        return true;
    }

    /** Puts it beside or above any part of the sheet. */
    private function lay(int $leaf, int $sheet): void
    {
        $this->on[$leaf] = $sheet;
        if ($this->trees[$sheet] === []) {
            $this->trees[$sheet] = [$leaf];

            return;
        }
        $after = $this->random->getInt(1, count($this->trees[$sheet]));
        array_splice($this->trees[$sheet], $after, 0, [$leaf, -$this->random->getInt(1, 2)]);
    }

    /** Takes it off its sheet. Its neighbour takes the place of both. */
    private function lift(int $leaf): void
    {
        $tree = $this->trees[$this->on[$leaf]];
        $at = (int) array_search($leaf, $tree, true);
        $open = 1;
        for ($joined = $at + 1; isset($tree[$joined]); $joined++) {
            if ($tree[$joined] >= 0) {
                $open++;
            } elseif ($open <= 2) {
                break;
            } else {
                $open--;
            }
        }
        unset($tree[$at], $tree[$joined]);
        $this->trees[$this->on[$leaf]] = array_values($tree);
    }

    /** How far the papers of a sheet reach over it. */
    private function weigh(int $sheet): void
    {
        [$wide, $high] = [$this->wide, $this->high];
        /** @var array<int, int> $wides */
        $wides = [];
        /** @var array<int, int> $highs */
        $highs = [];
        $top = -1;
        foreach ($this->trees[$sheet] as $token) {
            if ($token >= 0) {
                $top++;
                $wides[$top] = $wide[$token];
                $highs[$top] = $high[$token];

                continue;
            }
            $below = $top--;
            if ($token === self::BESIDE) {
                $wides[$top] += $wides[$below];
                $highs[$top] = max($highs[$top], $highs[$below]);
            } else {
                $highs[$top] += $highs[$below];
                $wides[$top] = max($wides[$top], $wides[$below]);
            }
        }
        $this->over[$sheet] = $top < 0
            ? 0
            : max(0, $wides[0] - $this->width) * $this->height + max(0, $highs[0] - $this->height) * $this->width;
    }
}
