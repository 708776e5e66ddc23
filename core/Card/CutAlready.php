<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Refusal;

/** A change that would need another size of a part that is already cut. */
final class CutAlready extends Refusal
{
    public static function part(string $name): self
    {
        return new self("The $name is cut already: it stays the size it is. Take that cut back first, or leave the part as it was.");
    }
}
