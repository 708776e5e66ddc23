<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Refusal;

/** What a card holds by a pin is no longer there. */
final class PinIsGone extends Refusal
{
    public static function from(int $card, string $part, string $component): self
    {
        return new self("Card $card holds on to its $part from $component, of which there is not enough any more. "
            .'Unpin it, or choose a way out in its row. Nothing was changed.');
    }
}
