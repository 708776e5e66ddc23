<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Refusal;

/** A typed line that cannot be understood. $at and $length say which word is wrong. */
final class BadLine extends Refusal
{
    private function __construct(string $message, public readonly int $at, public readonly int $length)
    {
        parent::__construct($message);
    }

    /** @param  int  $at in characters from the start of the line */
    public static function at(int $at, int $length, string $message): self
    {
        return new self($message, $at, $length);
    }
}
