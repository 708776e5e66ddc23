<?php

namespace App\Cards;

use App\Acts\CannotAct;

/** A design that cannot be had: of the kit, or for a card. */
final class NoDesign extends CannotAct
{
    public static function card(int $number): self
    {
        return new self("Card $number cannot be kept as a design of the kit: one has a printed picture and words, "
            .'lies on a sketch as it ships, and takes from the kit alone.');
    }

    public static function leaner(int $number): self
    {
        return new self("No design takes less patterned paper than card $number does, with all it needs at hand.");
    }
}
