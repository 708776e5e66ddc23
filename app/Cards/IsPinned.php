<?php

namespace App\Cards;

use App\Acts\CannotAct;

/** A pinned thing stays where it is until it is unpinned. */
final class IsPinned extends CannotAct
{
    public static function part(string $part, int $card): self
    {
        return new self("The $part of card $card is pinned. Unpin it first (P). Nothing was moved.");
    }
}
