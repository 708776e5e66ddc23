<?php

namespace App\Cards;

use App\Acts\CannotAct;

/** A design that is impossible, for the kit or for a card. */
final class NoDesign extends CannotAct
{
    public static function card(int $number): self
    {
        return new self("Card $number cannot be kept as a design of the kit: one has a printed picture and words, "
            .'uses a sketch of Keep Share unchanged, and takes from the kit alone.');
    }

    public static function leaner(int $number): self
    {
        return new self("No other design takes less patterned paper than card $number does and can be made from what is left.");
    }
}
