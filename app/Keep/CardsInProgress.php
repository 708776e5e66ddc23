<?php

namespace App\Keep;

use App\Acts\CannotAct;

/** A kit that is to be put away while some of its cards are being made. */
final class CardsInProgress extends CannotAct
{
    /** @param  non-empty-list<int>  $numbers */
    public static function cards(array $numbers): self
    {
        $last = array_pop($numbers);
        $cards = $numbers === [] ? "Card $last is" : 'Cards '.implode(', ', $numbers)." and $last are";

        return new self("$cards begun and not made. Finish them on Make, or take back what was cut for them, and put the kit away then.");
    }
}
