<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Refusal;

/** A front too small for a fold. */
final class CannotFold extends Refusal
{
    public static function tooSmall(string $part): self
    {
        return new self("The front is too small for this fold: nothing would be left of the $part.");
    }
}
