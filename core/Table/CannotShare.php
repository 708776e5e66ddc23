<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Refusal;

/** A table on which not one card can be made. */
final class CannotShare extends Refusal
{
    /** @param  int  $withStash  how many cards the stash would allow */
    public static function nothing(Need $need, int $withStash): self
    {
        $nearest = $withStash > 0
            ? "With the stash there can be up to $withStash: tick it."
            : "Add {$need->oneMore()} to the kit or to the stash.";

        return new self("No card can be made: there is no {$need->value} left to take. $nearest");
    }
}
