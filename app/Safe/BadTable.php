<?php

namespace App\Safe;

use RuntimeException;

/** A file that is not opened, with the reason. Nothing of it has been written. */
final class BadTable extends RuntimeException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }

    public static function at(string $place, string $reason): self
    {
        return new self("$place: $reason");
    }
}
