<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\WordsPart;

/**
 * The same words on two cards are usually a mistake. In a set they are intended, and when words have run out they may
 * be either.
 */
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
