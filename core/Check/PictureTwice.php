<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\FocalPart;

/** Kits hold two of most pictures. Two cards for one person should not have the same one. */
final class PictureTwice implements Check
{
    public function key(): string
    {
        return 'picture-twice';
    }

    public function look(CardInHand $card): array
    {
        $focal = $card->card->taking(FocalPart::ID);
        $same = $focal === null || $focal->size !== null
                ? []
                : array_filter(
                    $card->strangers(),
                    static fn (Card $other): bool => $other->taking(FocalPart::ID)?->component === $focal->component,
                );
        $numbers = implode(', ', array_map(static fn (Card $other): int => $other->number, $same));

        return $same === []
            ? []
            : [
                Finding::hint(
                    $this->key(),
                    "Its picture is on card $numbers too.",
                    'Send them to different people, or take another picture.',
                ),
            ];
    }
}
