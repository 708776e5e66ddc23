<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\WordsPart;

/** The same words on two cards by accident is a mistake, on a set a decision; where words have run out it can be either. */
final class SaidTwice implements Check
{
    public function key(): string
    {
        return 'said-twice';
    }

    public function look(CardInHand $card): array
    {
        $words = $card->taken(WordsPart::ID)?->words();
        if ($words === null) {
            return [];
        }
        $same = array_filter(
            $card->strangers(),
            static fn (Card $other): bool => mb_strtolower(
                ($card->components[$other->taking(WordsPart::ID)->component ?? ''] ?? null)?->words()->text ?? '',
            ) === mb_strtolower($words->text),
        );
        $numbers = implode(', ', array_map(static fn (Card $other): int => $other->number, $same));

        return $same === []
            ? []
            : [
                Finding::hint(
                    $this->key(),
                    "“{$words->text}” is on card $numbers too.",
                    'Take other words, or make the two a set.',
                ),
            ];
    }
}
