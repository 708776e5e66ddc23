<?php

namespace App\Actions;

/** A card that cannot be followed as a design of its kit. */
final class NoDesign extends CannotAct
{
    public static function card(int $number): self
    {
        return new self("Card $number cannot be kept as a design of the kit: one has a printed picture and words, "
            .'lies on a sketch as it ships, and takes from the kit alone.');
    }
}
