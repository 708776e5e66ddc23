<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Table\Areas;

/**
 * The price of paper and cardstock while designs are chosen, so that a rich design is chosen only while there is paper
 * for it. The price is what a design takes, measured by the fair share of what is left, times a level. Prices follow
 * what is left, like a subgradient step of a Lagrangian relaxation.
 */
final readonly class Prices
{
    /**
     * @param  int  $level  points for the fair share
     * @param  float  $paper  fair share of one card, in square units
     * @param  float  $cardstock  the same
     */
    private function __construct(private int $level, private float $paper, private float $cardstock)
    {
    }

    public static function none(): self
    {
        return new self(0, 1.0, 1.0);
    }

    /**
     * @param  float  $paper  what is left, in square units
     * @param  float  $cardstock  the same
     * @param  int  $cards  that are still to be made of it
     */
    public static function at(int $level, float $paper, float $cardstock, int $cards): self
    {
        return new self($level, max(1.0, $paper / max(1, $cards)), max(1.0, $cardstock / max(1, $cards)));
    }

    public function areNone(): bool
    {
        return $this->level === 0;
    }

    /** The cost of a design, in points of goodness. */
    public function of(Layout $layout): int
    {
        if ($this->level === 0) {
            return 0;
        }
        [$paper, $cardstock] = Areas::of($layout);

        // What goes beyond the fair share is missing elsewhere.
        return (int) min(1_000_000, $this->level * ($paper / $this->paper + $cardstock / $this->cardstock));
    }
}
