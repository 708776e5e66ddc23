<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Refusal;

/** What a card holds on to is not there any more. */
final class PinIsGone extends Refusal
{
    public static function from(int $card, string $part, string $component): self
    {
        return new self("Card $card holds on to its $part from $component, of which there is not enough any more. "
            .'Take the pin off, or take a way out in its row; nothing was changed.');
    }
}
