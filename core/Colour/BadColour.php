<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

use KeepShare\Core\Refusal;

final class BadColour extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(sprintf('"%s" is not a colour. Write six hexadecimal digits, such as #2b6b5a.', mb_strimwidth($text, 0, 40, '…')));
    }
}
