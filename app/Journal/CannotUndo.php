<?php

namespace App\Journal;

use RuntimeException;

final class CannotUndo extends RuntimeException
{
    public static function nothing(): self
    {
        return new self('There is nothing to take back.');
    }

    public static function nothingAgain(): self
    {
        return new self('There is nothing to do again.');
    }

    /** @param  string|null  $since  what was done since; with the kit it was done with, where that is another */
    public static function builtUpon(string $act, ?string $since, ?string $kit): self
    {
        $what = $since === null ? 'something done since, perhaps with another kit,' : "\"$since\"".($kit === null ? '' : " with $kit");

        return new self("\"$act\" cannot be taken back: $what builds on it. Take that back first.");
    }
}
