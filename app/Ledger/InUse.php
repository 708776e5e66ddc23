<?php

namespace App\Ledger;

use App\Acts\CannotAct;

/** Cards, cuts or a saved share-out use it as it is. */
final class InUse extends CannotAct
{
    public static function ofOccasion(string $name): self
    {
        return new self("Cards, days or words are for $name. Give them another occasion first.");
    }

    public static function of(string $component): self
    {
        return new self("Cards, cuts or a saved share-out use $component as it is. Remove it from those first.");
    }
}
