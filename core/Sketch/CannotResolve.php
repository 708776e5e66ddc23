<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;

/** A sketch that does not fit the front it is asked for. */
final class CannotResolve extends Refusal
{
    public static function tooLarge(string $part, Length $wanted, Length $there, Unit $unit): self
    {
        return new self(sprintf('The %s is %s, but only %s is there.', $part, $wanted->label($unit), $there->label($unit)));
    }

    public static function nothingLeft(string $part): self
    {
        return new self(sprintf('Nothing is left of the %s on a front this small.', $part));
    }

    public static function unknownPart(string $part, string $of): self
    {
        return new self(sprintf('The %s is measured from "%s", which comes after it or is not there.', $part, $of));
    }
}
