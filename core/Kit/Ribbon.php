<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;

/** Ribbon, twine or cord; counted by length, in units of 1/8 micrometre. */
final readonly class Ribbon implements Good
{
    private function __construct(public Colour $colour)
    {
    }

    public static function of(Colour $colour): self
    {
        return new self($colour);
    }

    public function kind(): Kind
    {
        return Kind::Ribbon;
    }
}
