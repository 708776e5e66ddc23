<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/** One sheet or offcut that lies on the table. */
final readonly class Stock
{
    private function __construct(public string $id, public Size $size, public bool $isWhole)
    {
    }

    public static function sheet(string $id, Size $size): self
    {
        return new self($id, $size, true);
    }

    public static function offcut(string $id, Size $size): self
    {
        return new self($id, $size, false);
    }
}
