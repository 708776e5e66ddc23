<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** The print of a die cut or sticker: its size over all, what it does, its outline and colours, its words if any. */
final readonly class Printed
{
    /** @param  non-empty-list<Colour>  $colours the largest first */
    private function __construct(public Size $size, public Serves $serves, public Shape $shape, public array $colours, public ?Words $words)
    {
    }

    /** @param  non-empty-list<Colour>  $colours */
    public static function of(Size $size, Serves $serves, Shape $shape, array $colours, ?Words $words = null): self
    {
        return new self($size, $serves, $shape, $colours, $words);
    }
}
