<?php

namespace App\Acts;

/** A change that would take something from a card, or take what is not there. */
final class NotEnough extends CannotAct
{
    public static function of(string $component): self
    {
        return new self("There is not enough of $component for all the cards that take it. "
            .'Use something else, or take a card back first.');
    }
}
