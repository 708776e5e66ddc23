<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;

/** Foam squares that lift a piece; $thickness is the height of one layer. */
final readonly class Foam implements Good
{
    private function __construct(public Length $thickness)
    {
    }

    public static function of(Length $thickness): self
    {
        return new self($thickness);
    }

    public function kind(): Kind
    {
        return Kind::Foam;
    }
}
