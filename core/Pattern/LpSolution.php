<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Card\Need;

/** A solution of the linear program. */
final readonly class LpSolution
{
    /**
     * @param  array<int, float>  $made  how many of each outlay, by its number
     * @param  array<int, float>  $folded  how many of each blank for a base
     * @param  array<int, float>  $cut  how many sheets by each pattern
     * @param  int  $bound  no more cards can be made
     * @param  Need  $binds  what most of that goes back to, where it is paper or cardstock that is short
     */
    private function __construct(
        public array $made,
        public array $folded,
        public array $cut,
        public int $bound,
        public Need $binds,
    ) {
    }

    /**
     * @param  array<int, float>  $made
     * @param  array<int, float>  $folded
     * @param  array<int, float>  $cut
     */
    public static function of(array $made, array $folded, array $cut, int $bound, Need $binds): self
    {
        return new self($made, $folded, $cut, $bound, $binds);
    }
}
