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

    public static function occasions(int $wanted, int $cards): self
    {
        return new self("$wanted cards of certain occasions are asked for, but only $cards cards in all. Ask for $wanted cards, or for fewer of the occasions.");
    }

    public static function folds(int $wanted, int $cards): self
    {
        return new self("$wanted cards of certain folds are asked for, but only $cards cards in all. Ask for $wanted cards, or for fewer of the folds.");
    }

    public static function trimmer(): self
    {
        return new self('A trimmer that cuts less than 4 in is too short for a card. Write how long a cut it makes, or leave it empty.');
    }
}
