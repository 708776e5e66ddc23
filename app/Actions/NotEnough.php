<?php

namespace App\Actions;

use RuntimeException;

/** A change that would take from a card what it has been given. */
final class NotEnough extends RuntimeException
{
    public static function forPalette(string $palette, string $wants): self
    {
        return new self("No card can be drawn from $palette: it needs $wants.");
    }

    public static function left(string $component, int $left): self
    {
        return new self($left > 0 ? "Only $left of $component are left." : "Nothing is left of $component: the cards have it all.");
    }

    public static function isCut(string $part): self
    {
        return new self("The $part is cut already. Take that cut back first.");
    }

    public static function isBegun(int $card): self
    {
        return new self("Card $card is begun: take its cuts back first.");
    }

    public static function of(string $component): self
    {
        return new self("There is not enough of $component for all the cards that take it. Use something else, or take a card back first.");
    }

    /** More sheets are to go than have not been cut. */
    public static function cut(string $component, int $tooMany): self
    {
        return new self(sprintf('%s of %s already cut: what is cut stays on the table. Say on Cut which piece went wrong, and it is planned anew; or undo the cut, and count again.', $tooMany === 1 ? '1 sheet' : "$tooMany sheets", $component.($tooMany === 1 ? ' is' : ' are')));
    }

    public static function noDesign(int $card): self
    {
        return new self("Card $card cannot be kept as a design of the kit: one has a printed picture and words, lies on a sketch as it ships, and takes from the kit alone.");
    }

    public static function apart(string $component): self
    {
        return new self("There is nothing in $component that could be used apart.");
    }

    public static function forCard(string $wants): self
    {
        return new self("No further card can be made: it needs $wants.");
    }

    public static function notOn(string $component, int $card): self
    {
        return new self("Card $card takes nothing from $component.");
    }

    public static function noPlace(string $component, int $card): self
    {
        return new self("Card $card has no open place for $component. Swap what it has, or choose another sketch on its page.");
    }

    public static function nothingElse(string $part): self
    {
        return new self("Nothing else that is left would do for the $part.");
    }

    public static function wayIsGone(): self
    {
        return new self('That way out is no longer there: the table has changed. The ways out that are left are shown.');
    }
}
