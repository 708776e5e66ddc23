<?php

namespace App\Ledger;

use App\Acts\CannotAct;

/** A good that gives nothing when it is taken apart. */
final class NothingApart extends CannotAct
{
    public static function in(string $component): self
    {
        return new self("There is nothing in $component that could be used apart.");
    }
}
