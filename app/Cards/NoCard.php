<?php

namespace App\Cards;

use App\Acts\CannotAct;

/** No further card is possible from what is left. */
final class NoCard extends CannotAct
{
    /** @param  string|null  $wants  what it needs */
    public static function further(?string $wants): self
    {
        return new self('No further card can be made. It needs '.($wants ?? 'something else').'.');
    }

    public static function from(string $palette, ?string $wants): self
    {
        return new self("No card can be made from $palette: it needs ".($wants ?? 'something else').'.');
    }
}
