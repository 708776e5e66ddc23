<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** What is true of most goods: counted, one if a line says no number, and without a size of its own. */
trait Whole
{
    public static function usualCount(): ?int
    {
        return 1;
    }

    public function isPlenty(): bool
    {
        return false;
    }

    public function extent(): ?Size
    {
        return null;
    }

    /** @return list<Colour> */
    public function colours(): array
    {
        return [];
    }
}
