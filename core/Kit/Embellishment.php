<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;

/** Gems, pearls, sequins, enamel dots: used in small odd groups. Where there are plenty nobody counts them. */
final readonly class Embellishment implements Good
{
    private function __construct(public Colour $colour, public bool $plenty)
    {
    }

    public static function of(Colour $colour, bool $plenty = false): self
    {
        return new self($colour, $plenty);
    }

    public function kind(): Kind
    {
        return Kind::Embellishment;
    }
}
