<?php

namespace App\Actions;

/** A good that has no place on a card, or a place for which there is no other good. */
final class NoPlace extends CannotAct
{
    public static function for(string $component, int $card): self
    {
        return new self("Card $card has no open place for $component. "
            .'Swap what it has, or choose another sketch on its page.');
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
