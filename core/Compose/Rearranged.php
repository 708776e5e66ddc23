<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Card\Card;

/** A card as it would be in another arrangement. */
final readonly class Rearranged
{
    /** @param  list<string>  $leavesOff  names of the pieces there is no place for */
    private function __construct(public Card $card, public array $leavesOff, public bool $isSound)
    {
    }

    /** @param  list<string>  $leavesOff */
    public static function of(Card $card, array $leavesOff, bool $isSound): self
    {
        return new self($card, $leavesOff, $isSound);
    }
}
