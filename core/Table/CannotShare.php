<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Refusal;

final class CannotShare extends Refusal
{
    public static function cards(int $cards, int $most): self
    {
        return new self(sprintf('Ask for 1 to %d cards; %d is not possible.', $most, $cards));
    }

    public static function occasions(int $wanted, int $cards): self
    {
        return self::of('occasions', $wanted, $cards);
    }

    public static function folds(int $wanted, int $cards): self
    {
        return self::of('folds', $wanted, $cards);
    }

    private static function of(string $what, int $wanted, int $cards): self
    {
        $nearest = $wanted > Wishes::MOST_CARDS ? "Ask for fewer of the $what." : "Ask for $wanted cards, or for fewer of the $what.";

        return new self("$wanted cards of certain $what are asked for, but only $cards cards in all. $nearest");
    }

    /** @param  int  $withStash  how many cards the stash would allow */
    public static function nothing(Need $need, int $withStash): self
    {
        $nearest = $withStash > 0 ? "With the stash there can be up to $withStash: tick it." : "Add {$need->oneMore()} to the kit or to the stash.";

        return new self("No card can be made: there is no {$need->value} left to take. $nearest");
    }

    /** Something that is pinned is not there any more. */
    public static function pinned(int $card, string $part, string $component): self
    {
        return new self("Card $card holds on to its $part from $component, of which there is not enough any more. Take the pin off, or take a way out in its row; nothing was changed.");
    }

    public static function trimmer(): self
    {
        return new self('A trimmer that cuts less than 4 in is too short for a card. Write how long a cut it makes, or leave it empty.');
    }
}
