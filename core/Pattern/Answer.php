<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

/** What the linear programme says at a stand. */
final readonly class Answer
{
    /**
     * @param  float  $cards  the most that parts of cards from parts of sheets could give with the patterns known
     * @param  array<int, float>  $made  how many of each recipe, by its number
     * @param  array<int, float>  $folded  how many of each blank for a base
     * @param  array<int, float>  $cut  how many sheets by each pattern
     * @param  int|null  $bound  no more cards can be made; null where that was not looked at
     */
    private function __construct(public float $cards, public array $made, public array $folded, public array $cut, public ?int $bound)
    {
    }

    /**
     * @param  array<int, float>  $made
     * @param  array<int, float>  $folded
     * @param  array<int, float>  $cut
     */
    public static function of(float $cards, array $made, array $folded, array $cut, ?int $bound): self
    {
        return new self($cards, $made, $folded, $cut, $bound);
    }
}
