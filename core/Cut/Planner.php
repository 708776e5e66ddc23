<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/**
 * Plans the cutting of one material: which piece from which sheet, and every cut to get it.
 *
 * A beam search over guillotine placements. Pieces are taken from large to small; each is tried in the corner of every
 * open part, lying either way if it may, with the two ways of cutting off the rest; the best states go on. States are
 * ranked by pieces left out, whole sheets opened, then the worth of what is left, where one large part is worth more
 * than two halves of it. Deterministic; a heuristic whose distance from the optimum LowerBound tells.
 *
 * An open part is its sheet, its left and upper edge, its width and its height.
 *
 * @phpstan-type Open array{int, int, int, int, int}
 * @phpstan-type Step array{open: Open, piece: int, width: int, height: int, turned: bool, direction: Direction}
 * @phpstan-type State array{out: int, opened: int, worth: int, open: array<string, Open>, steps: list<Step>}
 */
final class Planner
{
    private const WIDEST_BEAM = 16;

    /** Parts narrower than 1/4 in are hard to cut and of no use: they have no worth. */
    private const USEFUL = 50_800;

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private function __construct(private readonly array $stock, private readonly array $pieces)
    {
    }

    /**
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  each with an id of its own
     */
    public static function plan(array $stock, array $pieces): CutPlan
    {
        return (new self($stock, $pieces))->search();
    }

    private function search(): CutPlan
    {
        $beam = max(1, min(self::WIDEST_BEAM, intdiv(1_200, max(1, count($this->pieces) + count($this->stock)))));
        $best = null;
        foreach ($this->orders() as $order) {
            $end = $this->run($order, $beam);
            if ($best === null || self::compare($end, $best) < 0) {
                $best = $end;
            }
        }

        return $this->toPlan($best ?? $this->start());
    }

    /** @return list<list<int>> the orders to take the pieces in, without repeats */
    private function orders(): array
    {
        $keys = [
            static fn (Piece $p): array => [$p->size->area(), $p->size->longer()->units],
            static fn (Piece $p): array => [$p->size->longer()->units, $p->size->shorter()->units],
            static fn (Piece $p): array => [$p->size->shorter()->units, $p->size->longer()->units],
        ];
        $orders = [];
        foreach ($keys as $key) {
            $order = array_keys($this->pieces);
            usort($order, fn (int $a, int $b): int => [$key($this->pieces[$b]), $a] <=> [$key($this->pieces[$a]), $b]);
            $orders[implode(',', $order)] = $order;
        }

        return array_values($orders);
    }

    /**
     * @param  list<int>  $order
     * @param  int<1, max>  $beam
     * @return State
     */
    private function run(array $order, int $beam): array
    {
        $states = [$this->start()];
        foreach ($order as $piece) {
            $states = $this->advance($states, $piece, $beam);
        }

        return $states[0];
    }

    /** @return State */
    private function start(): array
    {
        $open = [];
        $worth = 0;
        foreach ($this->stock as $i => $stock) {
            $part = [$i, 0, 0, $stock->size->width->units, $stock->size->height->units];
            $open[implode(',', $part)] = $part;
            $worth += self::worth($part[3], $part[4]);
        }

        return ['out' => 0, 'opened' => 0, 'worth' => $worth, 'open' => $open, 'steps' => []];
    }

    /**
     * @param  non-empty-list<State>  $states
     * @param  int<1, max>  $beam
     * @return non-empty-list<State>
     */
    private function advance(array $states, int $piece, int $beam): array
    {
        $children = [];
        foreach ($states as $s => $state) {
            foreach ($this->steps($state, $piece) as $step) {
                $score = $this->scoreAfter($state, $step);
                // Two states alike in all three figures are nearly always the same plan mirrored.
                $children[implode(',', $score)] ??= [$score, $s, $step];
            }
        }
        if ($children === []) {
            return array_map(static fn (array $state): array => ['out' => $state['out'] + 1] + $state, $states);
        }
        usort($children, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(fn (array $child): array => $this->after($states[$child[1]], $child[2], $child[0]), array_slice($children, 0, $beam));
    }

    /**
     * @param  State  $state
     * @return iterable<Step>
     */
    private function steps(array $state, int $piece): iterable
    {
        $size = $this->pieces[$piece]->size;
        $ways = [[$size->width->units, $size->height->units, false]];
        if ($this->pieces[$piece]->mayTurn && $size->width->units !== $size->height->units) {
            $ways[] = [$size->height->units, $size->width->units, true];
        }
        $triedWhole = [];
        foreach ($state['open'] as $open) {
            if ($this->isUncut($open)) {
                $alike = $this->stock[$open[0]]->isWhole."/$open[3]/$open[4]";
                if (isset($triedWhole[$alike])) {
                    continue;
                }
                $triedWhole[$alike] = true;
            }
            foreach ($ways as [$width, $height, $turned]) {
                if ($width > $open[3] || $height > $open[4]) {
                    continue;
                }
                yield ['open' => $open, 'piece' => $piece, 'width' => $width, 'height' => $height, 'turned' => $turned, 'direction' => Direction::Across];
                if ($width < $open[3] && $height < $open[4]) {
                    yield ['open' => $open, 'piece' => $piece, 'width' => $width, 'height' => $height, 'turned' => $turned, 'direction' => Direction::Down];
                }
            }
        }
    }

    /** @param  Open  $open */
    private function isUncut(array $open): bool
    {
        $size = $this->stock[$open[0]]->size;

        return $open[3] === $size->width->units && $open[4] === $size->height->units;
    }

    /**
     * @param  State  $state
     * @param  Step  $step
     * @return array{int, int, int} left out, opened, worth negated: the smaller the better
     */
    private function scoreAfter(array $state, array $step): array
    {
        $open = $step['open'];
        $worth = $state['worth'] - self::worth($open[3], $open[4]);
        foreach (self::rest($step) as $part) {
            $worth += self::worth($part[3], $part[4]);
        }
        $opens = $this->stock[$open[0]]->isWhole && $this->isUncut($open) ? 1 : 0;

        return [$state['out'], $state['opened'] + $opens, -$worth];
    }

    /**
     * @param  State  $state
     * @param  Step  $step
     * @param  array{int, int, int}  $score
     * @return State
     */
    private function after(array $state, array $step, array $score): array
    {
        unset($state['open'][implode(',', $step['open'])]);
        foreach (self::rest($step) as $part) {
            $state['open'][implode(',', $part)] = $part;
        }
        $state['steps'][] = $step;

        return ['out' => $score[0], 'opened' => $score[1], 'worth' => -$score[2]] + $state;
    }

    /**
     * The parts left when the piece is cut from the upper left corner.
     *
     * @param  Step  $step
     * @return list<Open>
     */
    private static function rest(array $step): array
    {
        [$stock, $x, $y, $w, $h] = $step['open'];
        ['width' => $width, 'height' => $height] = $step;
        $across = $step['direction'] === Direction::Across;
        $rest = [];
        if ($height < $h) {
            $rest[] = [$stock, $x, $y + $height, $across ? $w : $width, $h - $height];
        }
        if ($width < $w) {
            $rest[] = [$stock, $x + $width, $y, $w - $width, $across ? $height : $h];
        }

        return $rest;
    }

    private static function worth(int $width, int $height): int
    {
        if ($width < self::USEFUL || $height < self::USEFUL) {
            return 0;
        }

        return intdiv($width * $height, 64_000_000) ** 2;
    }

    /**
     * @param  State  $a
     * @param  State  $b
     */
    private static function compare(array $a, array $b): int
    {
        return [$a['out'], $a['opened'], -$a['worth']] <=> [$b['out'], $b['opened'], -$b['worth']];
    }

    /** @param  State  $state */
    private function toPlan(array $state): CutPlan
    {
        $steps = [];
        $placed = [];
        foreach ($state['steps'] as $step) {
            $steps[implode(',', $step['open'])] = $step;
            $placed[$step['piece']] = true;
        }
        $sheets = [];
        foreach ($this->stock as $i => $stock) {
            $root = $this->node($i, Rect::whole($stock->size), $steps);
            if ($root instanceof Split || ($root instanceof Leaf && $root->piece !== null)) {
                $sheets[] = SheetPlan::of($stock, $root);
            }
        }

        return CutPlan::of(
            $sheets,
            array_values(array_diff_key($this->pieces, $placed)),
            LowerBound::sheets($this->stock, array_values(array_intersect_key($this->pieces, $placed))),
        );
    }

    /** @param  array<string, Step>  $steps by the part they are cut from */
    private function node(int $stock, Rect $rect, array $steps): Node
    {
        $step = $steps[implode(',', [$stock, $rect->x->units, $rect->y->units, $rect->size->width->units, $rect->size->height->units])] ?? null;
        if ($step === null) {
            return Leaf::offcut($rect);
        }
        $across = [Direction::Across, Length::ofUnits($step['height']), $rect->size->height->units];
        $down = [Direction::Down, Length::ofUnits($step['width']), $rect->size->width->units];

        return $this->cutOff($stock, $rect, $step, $step['direction'] === Direction::Across ? [$across, $down] : [$down, $across], $steps);
    }

    /**
     * @param  Step  $step
     * @param  list<array{Direction, Length, int}>  $cuts  direction, measure and side of the cuts that free the piece
     * @param  array<string, Step>  $steps
     */
    private function cutOff(int $stock, Rect $rect, array $step, array $cuts, array $steps): Node
    {
        $cut = array_shift($cuts);
        if ($cut === null) {
            return Leaf::piece($rect, $this->pieces[$step['piece']]->id, $step['turned']);
        }
        [$direction, $at, $side] = $cut;
        if ($at->units === $side) {
            return $this->cutOff($stock, $rect, $step, $cuts, $steps);
        }
        [$first, $second] = Split::halves($rect, $direction, $at);

        return Split::of($rect, $direction, $at, $this->cutOff($stock, $first, $step, $cuts, $steps), $this->node($stock, $second, $steps));
    }
}
