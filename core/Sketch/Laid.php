<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/** A part with its place on the front. */
final readonly class Laid
{
    private function __construct(public Part $part, public Rect $rect)
    {
    }

    public static function of(Part $part, Rect $rect): self
    {
        return new self($part, $rect);
    }
}
