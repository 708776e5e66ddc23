<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/**
 * If not all pieces can be cut, the earlier ones come first. A piece is left out only if no plan was found that cuts it
 * together with the earlier ones that are not left out.
 *
 * It tries as many as possible at once, then half of them, then a quarter. A single piece may go into an offcut of the
 * plan. So the work is bounded: PIECES pieces and PLANS plans in all. For a few pieces each plan is exact.
 */
final class Earliest
{
    public const PLANS = 40;

    public const PIECES = 300;

    private int $plans = 0;

    private int $planned = 0;

    private CutPlan $plan;

    /** @var list<Piece> */
    private array $kept = [];

    private int $room;

    /** A short trimmer or a blemish can prevent a plan even if there is room. */
    private readonly bool $isUneven;

    /**
     * @param  list<Stock>  $stock
     */
    private function __construct(private readonly array $stock, private readonly Terms $terms)
    {
        $this->plan = CutPlan::of([], [], 0);
        $this->room = array_sum(array_map(static fn (Stock $one): int => $one->size->exactArea(), $stock));
        $this->isUneven = DamagedSheets::concerns($stock) || $terms->trimmer->isShortFor(...$stock);
    }

    /**
     * @param  list<Stock>  $stock  all of one material
     * @param  list<Piece>  $pieces  the most wanted first, which cannot all be cut
     * @param  Terms  $terms  of the plan in the end
     */
    public static function of(array $stock, array $pieces, Terms $terms): CutPlan
    {
        $search = new self($stock, $terms);
        $out = $search->choose($pieces);
        $again = Planner::plan($stock, $search->kept, $terms);
        $isBetter = $again->isComplete() && $again->sheetsOpened() <= $search->plan->sheetsOpened();

        return CutPlan::of(($isBetter ? $again : $search->plan)->sheets, $out, LowerBound::sheets($stock, $search->kept));
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Piece> those that are left out
     */
    private function choose(array $pieces): array
    {
        $out = [];
        $many = intdiv(count($pieces) + 1, 2);
        for ($at = 0; $at < count($pieces);) {
            $next = array_slice($pieces, $at, $many);
            $fit = array_values(array_filter($next, $this->fitsSome(...)));
            if ($this->take(...$fit)) {
                array_push($out, ...array_udiff($next, $fit, static fn (Piece $a, Piece $b): int => $a->id <=> $b->id));
                $at += count($next);
                $many *= 2;
            } elseif (count($next) > 1) {
                $many = intdiv(count($next) + 1, 2);
            } else {
                $out[] = $pieces[$at];
                $at++;
            }
        }

        return $out;
    }

    private function fitsSome(Piece $piece): bool
    {
        foreach ($this->stock as $stock) {
            if ($piece->size->fitsIn($stock->size, $piece->mayTurn)) {
                return true;
            }
        }

        return false;
    }

    private function take(Piece ...$pieces): bool
    {
        if ($pieces === []) {
            return true;
        }
        $area = array_sum(array_map(static fn (Piece $piece): int => $piece->size->exactArea(), $pieces));
        if ($area > $this->room) {
            return false;
        }
        $plan = $this->inserted(...$pieces) ?? $this->planned(...$pieces);
        if ($plan === null) {
            return false;
        }
        $this->plan = $plan;
        $this->kept = [...$this->kept, ...array_values($pieces)];
        $this->room -= $area;

        return true;
    }

    private function planned(Piece ...$pieces): ?CutPlan
    {
        $all = [...$this->kept, ...array_values($pieces)];
        if (++$this->plans > self::PLANS || ($this->planned += count($all)) > self::PIECES) {
            return null;
        }
        if (count($all) <= ExactSmall::MOST && ! $this->isUneven) {
            return ExactSmall::plan($this->stock, $all);
        }
        $plan = Planner::plan($this->stock, $all, Terms::usual()->with($this->terms->trimmer));

        return $plan->isComplete() ? $plan : null;
    }

    /** The plan so far with one more piece, cut from an offcut or from a whole sheet. */
    private function inserted(Piece ...$pieces): ?CutPlan
    {
        if (count($pieces) !== 1 || $this->isUneven) {
            return null;
        }
        $piece = $pieces[array_key_first($pieces)];
        $sheets = $this->plan->sheets;
        foreach ($sheets as $n => $sheet) {
            foreach ($sheet->offcuts() as $offcut) {
                $way = self::way($piece, $offcut->rect());
                if ($way !== null) {
                    $sheets[$n] = $sheet->cutting($offcut, $way->cutFrom($offcut->rect()));

                    return CutPlan::of($sheets, [], 0);
                }
            }
        }
        foreach ($this->unopened() as $stock) {
            $way = self::way($piece, Rect::whole($stock->size));
            if ($way !== null) {
                return CutPlan::of([...$sheets, SheetPlan::of($stock, $way->cutFrom(Rect::whole($stock->size)))], [], 0);
            }
        }

        return null;
    }

    /** @return list<Stock> offcuts first: they cost nothing */
    private function unopened(): array
    {
        $opened = array_map(static fn (SheetPlan $sheet): string => $sheet->stock->id, $this->plan->sheets);
        $unopened = array_values(array_filter($this->stock, static fn (Stock $one): bool => ! in_array($one->id, $opened, true)));
        usort($unopened, static fn (Stock $a, Stock $b): int => $a->isWhole <=> $b->isWhole);

        return $unopened;
    }

    private static function way(Piece $piece, Rect $place): ?Box
    {
        foreach ($piece->mayTurn ? [false, true] : [false] as $turned) {
            $box = Box::of($piece, $turned);
            if ($box->fits($place->size->width->units, $place->size->height->units)) {
                return $box;
            }
        }

        return null;
    }
}
