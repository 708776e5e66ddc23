<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Card;

/** A possible next card, and what it leaves possible. */
final readonly class Option
{
    private function __construct(public Card $card, public int $leaves)
    {
    }

    /** @param  int  $leaves  how many cards were found to be possible after it */
    public static function of(Card $card, int $leaves): self
    {
        return new self($card, $leaves);
    }
}
