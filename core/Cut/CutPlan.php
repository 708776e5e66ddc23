<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/** The plan for all sheets of one material. */
final readonly class CutPlan
{
    /**
     * @param  list<SheetPlan>  $sheets  those that are cut
     * @param  list<Piece>  $unplaced
     * @param  int  $lowerBound  no plan that places the same pieces opens fewer whole sheets
     */
    private function __construct(public array $sheets, public array $unplaced, public int $lowerBound)
    {
    }

    /**
     * @param  list<SheetPlan>  $sheets
     * @param  list<Piece>  $unplaced
     */
    public static function of(array $sheets, array $unplaced, int $lowerBound): self
    {
        return new self($sheets, $unplaced, $lowerBound);
    }

    public function isComplete(): bool
    {
        return $this->unplaced === [];
    }

    public function sheetsOpened(): int
    {
        return count(array_filter($this->sheets, static fn (SheetPlan $plan): bool => $plan->stock->isWhole));
    }

    /** Whether the number of whole sheets cut into is the least possible. */
    public function isProven(): bool
    {
        return $this->isComplete() && $this->sheetsOpened() === $this->lowerBound;
    }
}
