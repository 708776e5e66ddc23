<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Cut\SheetPlan;

/** How sheets are cut, and how many cards are made on each sketch from what comes of it. */
final readonly class Cutting
{
    /**
     * @param  array<string, list<SheetPlan>>  $plans  by component; what a piece is for is not yet said
     * @param  array<string, int>  $ways  cards by Sketch::way()
     */
    private function __construct(public array $plans, public array $ways)
    {
    }

    /**
     * @param  array<string, list<SheetPlan>>  $plans
     * @param  array<string, int>  $ways
     */
    public static function of(array $plans, array $ways): self
    {
        return new self($plans, $ways);
    }

    public function cards(): int
    {
        return array_sum($this->ways);
    }
}
