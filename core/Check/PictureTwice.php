<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Share\Card;

/** Kits hold two of most pictures; two cards for one person had better not share one. */
final class PictureTwice implements Check
{
    public function key(): string
    {
        return 'picture-twice';
    }

    public function look(CardInHand $card): array
    {
        $focal = $card->card->taking('focal');
        $same = $focal === null || $focal->size !== null ? [] : array_filter($card->strangers(), static fn (Card $other): bool => $other->taking('focal')?->component === $focal->component);
        $numbers = implode(', ', array_map(static fn (Card $other): int => $other->number, $same));

        return $same === [] ? [] : [Finding::hint($this->key(), "Its picture is on card $numbers too.", 'Send them to different people, or take another picture.')];
    }
}
