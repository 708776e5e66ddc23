<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Refusal;

final class CannotShare extends Refusal
{
    public static function cards(int $cards, int $most): self
    {
        return new self(sprintf('Ask for 1 to %d cards; %d is not possible.', $most, $cards));
    }
}
