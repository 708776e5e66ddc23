<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/** A wanted piece, its value, and how many are useful. */
final readonly class Demand
{
    private function __construct(public Piece $piece, public int $worth, public int $limit)
    {
    }

    /**
     * @param  int  $worth  above 0, in any measure that is the same for all wishes
     * @param  int  $limit  at least 1
     */
    public static function for(Piece $piece, int $worth, int $limit): self
    {
        return new self($piece, max(1, $worth), max(1, $limit));
    }
}
