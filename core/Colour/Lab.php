<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

/** A point of CIELAB: lightness 0 to 100, green to red, blue to yellow. */
final readonly class Lab
{
    public function __construct(public float $lightness, public float $a, public float $b)
    {
    }
}
