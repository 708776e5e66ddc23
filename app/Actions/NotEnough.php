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

    public static function of(string $component): self
    {
        return new self("The cards need more of $component than there would be. Share out again without it, or take a card back, then change the count.");
    }
}
