<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Spare;

/** How sheets are cut, and how many cards are made on each sketch from their pieces. */
final readonly class PatternPlan
{
    /**
     * @param  array<string, list<SheetPlan>>  $plans  by component; what a piece is for is not yet said
     * @param  array<string, int>  $ways  cards by Sketch::way()
     * @param  list<Sketch>  $sketches  in the manner they are made
     * @param  list<Spare>  $spares  what is taken apart for it
     */
    private function __construct(public array $plans, public array $ways, public array $sketches, public array $spares)
    {
    }

    /**
     * @param  array<string, list<SheetPlan>>  $plans
     * @param  array<string, int>  $ways
     * @param  list<Sketch>  $sketches
     * @param  list<Spare>  $spares
     */
    public static function of(array $plans, array $ways, array $sketches, array $spares): self
    {
        return new self($plans, $ways, $sketches, $spares);
    }

    public function cards(): int
    {
        return array_sum($this->ways);
    }
}
