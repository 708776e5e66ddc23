<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Refusal;

/** The thing that was named as being of known size cannot be used to measure. */
final class BadReference extends Refusal
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
