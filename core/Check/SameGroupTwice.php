<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Card;

/** Two cards with one sketch and one arrangement look like a set. */
final class SameGroupTwice implements Check
{
    public function key(): string
    {
        return 'same-group-twice';
    }

    public function look(CardInHand $card): array
    {
        $own = $card->card->arrangement;
        if ($own === null) {
            return [];
        }
        $same = array_filter(
            $card->strangers(),
            static fn (Card $other): bool => $other->sketch->key === $card->card->sketch->key && $other->arrangement?->key === $own->key,
        );
        $numbers = implode(', ', array_map(static fn (Card $other): int => $other->number, $same));

        return $same === [] ? [] : [Finding::hint(
            $this->key(),
            "Card $numbers is on the same sketch, arranged alike: ".lcfirst($own->name).'.',
            'Choose another arrangement for one of them, or make them a set.',
        )];
    }
}
