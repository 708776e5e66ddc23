<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Plans the cutting of one material: which piece comes from which sheet, and every cut to get it.
 *
 * A beam search over guillotine placements. Pieces are placed from large to small. Each is tried in the corner of every
 * open part, in each allowed position, with both ways to cut off the rest. The best states go on. States are ranked by
 * pieces left out, then by whole sheets cut into, then by the value of what is left. The value counts what a leftover
 * can still become, if that is known, and then its size: one large part is worth more than two halves. The search is
 * deterministic and heuristic. LowerBound says how far from the optimum it may be.
 *
 * An open part is its sheet, its left and upper edge, its width and its height.
 *
 * @phpstan-type Open array{int, int, int, int, int}
 * @phpstan-type Step array{open: Open, piece: int, width: int, height: int, turned: bool, direction: Direction}
 * @phpstan-type State array{out: int, opened: int, becomes: int, worth: int, open: array<string, Open>, steps: list<Step>}
 */
final class Planner
{
    private const WIDEST_BEAM = 16;

    /** The narrowest part that can be held. */
    private readonly int $narrowest;

    private readonly ?Leftover $useful;

    /** @var list<array{int, int, bool}> of each stock, and whether it is whole */
    private readonly array $sides;

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     * @param  int  $sheets  that there are, looked at or not
     */
    private function __construct(
        private readonly array $stock,
        private readonly array $pieces,
        private readonly Terms $terms,
        private readonly int $sheets,
    ) {
        $this->narrowest = $terms->trimmer->narrowest->units;
        $this->useful = $terms->useful;
        $this->sides = array_map(
            static fn (Stock $one): array => [$one->size->width->units, $one->size->height->units, $one->isWhole],
            $stock,
        );
    }

    /**
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  each with an id of its own
     * @param  Terms|null  $terms  more tries are more orders of the pieces, each a little off by area
     */
    public static function plan(array $stock, array $pieces, ?Terms $terms = null): CutPlan
    {
        if (DamagedSheets::concerns($stock)) {
            return DamagedSheets::plan(
                $stock,
                $pieces,
                ($terms ?? Terms::usual())->trimmer,
                static fn (array $clean): CutPlan => self::plan($clean, $pieces, $terms),
            );
        }

        return (new self(self::enough($stock, count($pieces)), $pieces, $terms ?? Terms::usual(), count($stock)))->search();
    }

    /**
     * There are never more whole sheets of a size than pieces: with hundreds of sheets, the others stay whole in any
     * case.
     *
     * @param  list<Stock>  $stock
     * @return list<Stock>
     */
    private static function enough(array $stock, int $pieces): array
    {
        $enough = $like = [];
        foreach ($stock as $sheet) {
            $size = "{$sheet->size->width->units}x{$sheet->size->height->units}";
            $like[$size] = ($like[$size] ?? 0) + (int) $sheet->isWhole;
            if (! $sheet->isWhole || $like[$size] <= max(1, $pieces)) {
                $enough[] = $sheet;
            }
        }

        return $enough;
    }

    private function search(): CutPlan
    {
        $beam = max(1, min(self::WIDEST_BEAM, intdiv(1_200, max(1, count($this->pieces) + $this->sheets))));
        $best = $this->start();
        $best['out'] = count($this->pieces);
        foreach ($this->orders() as $order) {
            $best = $this->better($best, $order, $beam);
        }
        $random = new Randomizer(new Mt19937(count($this->pieces) + $this->terms->seed));
        // If leftovers have no value, nothing can be won beyond the bound.
        $least = $this->terms->tries > 0 && $this->terms->useful === null ? LowerBound::sheets($this->stock, $this->pieces) : -1;
        for ($n = 0; $n < $this->terms->tries && ($best['out'] > 0 || $best['opened'] > $least) && $this->terms->goOn(); $n++) {
            $best = $this->better($best, $this->shaken($random), max(1, intdiv($beam, 2)));
        }

        return $this->toPlan($best);
    }

    /**
     * @param  State  $best
     * @param  list<int>  $order
     * @param  int<1, max>  $beam
     * @return State
     */
    private function better(array $best, array $order, int $beam): array
    {
        $end = $this->run($order, $beam);

        return self::compare($end, $best) < 0 ? $end : $best;
    }

    /** @return list<int> by area, each taken for up to a third larger than it is */
    private function shaken(Randomizer $random): array
    {
        $areas = array_map(static fn (Piece $piece): int => intdiv($piece->size->area() * $random->getInt(75, 100), 75), $this->pieces);
        $order = array_keys($this->pieces);
        usort($order, static fn (int $a, int $b): int => $areas[$b] <=> $areas[$a]);

        return $order;
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
        $becomes = $worth = 0;
        foreach ($this->stock as $i => $stock) {
            $part = [$i, 0, 0, $stock->size->width->units, $stock->size->height->units];
            $open[implode(',', $part)] = $part;
            $becomes += $this->becomes($part[3], $part[4]);
            $worth += $this->worth($part[3], $part[4]);
        }

        return ['out' => 0, 'opened' => 0, 'becomes' => $becomes, 'worth' => $worth, 'open' => $open, 'steps' => []];
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
                // Two states with three equal figures are nearly always the same plan mirrored.
                $children["$score[0],$score[1],$score[2],$score[3]"] ??= [$score, $s, $step];
            }
        }
        if ($children === []) {
            return array_map(static fn (array $state): array => ['out' => $state['out'] + 1] + $state, $states);
        }
        usort($children, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(
            fn (array $child): array => $this->after($states[$child[1]], $child[2], $child[0]),
            array_slice($children, 0, $beam),
        );
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
        // Of equal parts only the first is tried. The others would give the same result.
        $tried = [];
        foreach ($state['open'] as $open) {
            $kind = $this->isUncut($open) ? 1 + (int) $this->sides[$open[0]][2] : 0;
            if (isset($tried[$kind][$open[3]][$open[4]])) {
                continue;
            }
            $tried[$kind][$open[3]][$open[4]] = true;
            foreach ($ways as [$width, $height, $turned]) {
                if ($width > $open[3] || $height > $open[4]) {
                    continue;
                }
                foreach (
                    $width < $open[3] && $height < $open[4]
                        ? [Direction::Across, Direction::Down]
                        : [Direction::Across] as $direction
                ) {
                    if ($this->reaches($open, $width, $height, $direction)) {
                        yield [
                            'open' => $open,
                            'piece' => $piece,
                            'width' => $width,
                            'height' => $height,
                            'turned' => $turned,
                            'direction' => $direction,
                        ];
                    }
                }
            }
        }
    }

    /**
     * Whether the trimmer is long enough for the cuts that free a piece. The first cut goes right through the part.
     *
     * @param  Open  $open
     */
    private function reaches(array $open, int $width, int $height, Direction $first): bool
    {
        $across = $height < $open[4] ? ($first === Direction::Across ? $open[3] : $width) : 0;
        $down = $width < $open[3] ? ($first === Direction::Down ? $open[4] : $height) : 0;

        return $this->terms->trimmer->reaches(max($across, $down));
    }

    /** @param  Open  $open */
    private function isUncut(array $open): bool
    {
        [$width, $height] = $this->sides[$open[0]];

        return $open[3] === $width && $open[4] === $height;
    }

    /**
     * @param  State  $state
     * @param  Step  $step
     * @return array{int, int, int, int} left out, opened, what is left can become and its worth negated: the smaller the better
     */
    private function scoreAfter(array $state, array $step): array
    {
        $open = $step['open'];
        $rest = self::rest($step);
        $worth = $state['worth'] - $this->worth($open[3], $open[4]);
        foreach ($rest as $part) {
            $worth += $this->worth($part[3], $part[4]);
        }
        $becomes = $state['becomes'];
        if ($this->useful !== null) {
            $becomes -= $this->becomes($open[3], $open[4]);
            foreach ($rest as $part) {
                $becomes += $this->becomes($part[3], $part[4]);
            }
        }
        $opens = $this->sides[$open[0]][2] && $this->isUncut($open) ? 1 : 0;

        return [$state['out'], $state['opened'] + $opens, -$becomes, -$worth];
    }

    /**
     * @param  State  $state
     * @param  Step  $step
     * @param  array{int, int, int, int}  $score
     * @return State
     */
    private function after(array $state, array $step, array $score): array
    {
        unset($state['open'][implode(',', $step['open'])]);
        foreach (self::rest($step) as $part) {
            $state['open'][implode(',', $part)] = $part;
        }
        $state['steps'][] = $step;

        return ['out' => $score[0], 'opened' => $score[1], 'becomes' => -$score[2], 'worth' => -$score[3]] + $state;
    }

    /**
     * The parts that are left when the piece is cut from the upper left corner.
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

    /** Its size in square millimetres, squared, so that one large part is worth more than two halves. */
    private function worth(int $width, int $height): int
    {
        if ($width < $this->narrowest || $height < $this->narrowest) {
            return 0;
        }
        $area = intdiv($width * $height, 64_000_000);

        return $area * $area;
    }

    /** What it can still become. This counts before its size. */
    private function becomes(int $width, int $height): int
    {
        $isHeld = $width >= $this->narrowest && $height >= $this->narrowest;

        return $isHeld && $this->useful !== null ? $this->useful->of($width, $height) : 0;
    }

    /**
     * @param  State  $a
     * @param  State  $b
     */
    private static function compare(array $a, array $b): int
    {
        return [$a['out'], $a['opened'], -$a['becomes'], -$a['worth']] <=> [$b['out'], $b['opened'], -$b['becomes'], -$b['worth']];
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
        $step = $steps[
                implode(',', [
                    $stock,
                    $rect->x->units,
                    $rect->y->units,
                    $rect->size->width->units,
                    $rect->size->height->units,
                ])
            ] ?? null;
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
