<?php

namespace App\Journal;

use RuntimeException;

final class CannotUndo extends RuntimeException
{
    public static function nothing(): self
    {
        return new self('There is nothing to undo.');
    }

    public static function nothingAgain(): self
    {
        return new self('There is nothing to redo.');
    }

    /** @param  string|null  $since  what was done since; with the kit it was done with, where that is another */
    public static function builtUpon(string $act, ?string $since, ?string $kit): self
    {
        $what = $since === null ? 'something done since, perhaps with another kit,' : "\"$since\"".($kit === null ? '' : " with $kit");

        return new self("\"$act\" cannot be undone: $what builds on it. Undo that first.");
    }
}
