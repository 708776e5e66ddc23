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

    public static function builtUpon(string $act): self
    {
        return new self(
            "\"$act\" cannot be taken back: something done since, perhaps with another kit, builds on it. Take that back first.",
        );
    }
}
