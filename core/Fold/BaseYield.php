<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;

/** How many card bases come out of one sheet of cardstock, with the cuts to get them and the score. */
final readonly class BaseYield
{
    private function __construct(public Size $sheet, public Blank $blank, public int $count, public CutPlan $plan)
    {
    }

    public static function of(Size $sheet, Size $front, FoldEdge $fold): self
    {
        $blank = Blank::for($front, $fold);
        $stock = [Stock::sheet('sheet', $sheet)];
        $count = 0;
        $plan = Planner::plan($stock, []);
        // One more for as long as one more can be cut; no sheet holds more than its area does.
        while (true) {
            $pieces = array_map(static fn (int $n): Piece => Piece::of("base-$n", $blank->size, true), range(1, $count + 1));
            $next = Planner::plan($stock, $pieces);
            if (! $next->isComplete()) {
                return new self($sheet, $blank, $count, $plan);
            }
            [$plan, $count] = [$next, $count + 1];
        }
    }
}
