<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/** The best cutting found for one sheet or scrap. */
final readonly class Filling
{
    private function __construct(public SheetPlan $plan, public int $worth, public int $upperBound)
    {
    }

    /** @param  int  $upperBound  no set of pieces that can be cut is worth more */
    public static function of(SheetPlan $plan, int $worth, int $upperBound): self
    {
        return new self($plan, $worth, $upperBound);
    }

    public function isProven(): bool
    {
        return $this->worth === $this->upperBound;
    }
}
