<?php

namespace App\Cutting;

use App\Acts\CannotAct;

/** A change to something that has been cut. It stays until the cut is taken back. */
final class IsCut extends CannotAct
{
    public static function part(string $name): self
    {
        return new self("The $name is cut already. Take that cut back first.");
    }

    public static function used(string $name, int $card): self
    {
        return new self("The $name is on card $card already. Take that step back on Make first.");
    }

    public static function card(int $number): self
    {
        return new self("Card $number is begun: take back first what has been cut for it or done to it.");
    }

    /** More sheets would go than are uncut. */
    public static function sheets(string $component, int $tooMany): self
    {
        $which = $tooMany === 1 ? "1 sheet of $component is" : "$tooMany sheets of $component are";

        return new self("$which already cut: what is cut stays on the table. "
            .'Report the mistake on Cut, or undo the cut and count again.');
    }
}
