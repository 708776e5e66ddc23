<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;

/** A wish that no share-out can fulfil. */
final class BadWish extends Refusal
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

    /** @param  Length  $least  the shortest cut that is of use */
    public static function trimmer(Length $least, Unit $unit): self
    {
        return new self("A trimmer that cuts less than {$least->about($unit)} is too short for a card. "
            .'Write how long a cut it makes, or leave it empty.');
    }

    private static function of(string $what, int $wanted, int $cards): self
    {
        $nearest = $wanted > Preferences::MOST_CARDS
            ? "Ask for fewer of the $what."
            : "Ask for $wanted cards, or for fewer of the $what.";

        return new self("$wanted cards of certain $what are asked for, but only $cards cards in all. $nearest");
    }
}
