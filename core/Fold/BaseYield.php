<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;

/** How many blanks one sheet of cardstock gives, with the cuts to get them. */
final readonly class BaseYield
{
    /** A sheet of 12 × 12 gives no more minis than this. It stops the count for tiny blanks. */
    private const MOST = 24;

    private function __construct(public Size $sheet, public Size $blank, public int $count, public CutPlan $plan)
    {
    }

    public static function of(Size $sheet, Size $blank): self
    {
        $stock = [Stock::sheet('sheet', $sheet)];
        $count = 0;
        $plan = Planner::plan($stock, []);
        // Counts up while one more can be cut. The area of the sheet is the limit.
        while ($count < self::MOST) {
            $pieces = array_map(static fn (int $n): Piece => Piece::of("base-$n", $blank, true), range(1, $count + 1));
            $next = Planner::plan($stock, $pieces);
            if (! $next->isComplete()) {
                break;
            }
            [$plan, $count] = [$next, $count + 1];
        }

        return new self($sheet, $blank, $count, $plan);
    }
}
