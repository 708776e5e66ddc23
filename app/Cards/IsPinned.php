<?php

namespace App\Cards;

use App\Acts\CannotAct;

/** What is pinned stays where it is until the pin is taken off. */
final class IsPinned extends CannotAct
{
    public static function part(string $part, int $card): self
    {
        return new self("The $part of card $card is pinned. Take the pin off first (P); nothing was moved.");
    }
}
