<?php

namespace App\Cards;

use App\Acts\CannotAct;

/** A good without a place on a card, or a place without another good for it. */
final class NoPlace extends CannotAct
{
    public static function for(string $component, int $card): self
    {
        return new self("Card $card has no open place for $component. "
            .'Swap what it has, or choose another sketch on its page.');
    }

    public static function arranged(string $arrangement, int $card): self
    {
        return new self("The pieces of card $card cannot be arranged so: ".lcfirst($arrangement).'. '
            .'The card and the arrangement do not have the same pieces.');
    }

    public static function piece(int $card): self
    {
        return new self("That piece is not on card $card any more.");
    }

    public static function free(string $part): self
    {
        return new self("The $part touches no other piece, so there is nothing to tuck it under. Move it, or choose another arrangement.");
    }

    public static function notOn(string $component, int $card): self
    {
        return new self("Card $card takes nothing from $component.");
    }

    public static function nothingElse(string $part): self
    {
        return new self("Nothing else that is left would do for the $part.");
    }
}
