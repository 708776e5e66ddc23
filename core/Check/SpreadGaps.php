<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Share\Card;

/** What the maker asked of the spread of all cards and has not got: nothing for sympathy, too few birthdays. */
final class SpreadGaps
{
    /** The key under which a card for a man is asked for. */
    public const MAN = 'for-a-man';

    /**
     * @param  list<Card>  $cards
     * @param  int  $forMen  how many of them would do for a man
     * @param  array<string, int>  $wanted  how many of each occasion, and for a man
     * @return list<string> each a sentence
     */
    public static function of(array $cards, int $forMen, array $wanted): array
    {
        $gaps = [];
        foreach ($wanted as $what => $many) {
            $occasion = Occasion::tryFrom($what);
            $have = $occasion === null ? $forMen : count(array_filter($cards, static fn (Card $card): bool => $card->occasion === $occasion));
            $for = $occasion?->label() ?? 'a man';
            if ($have < $many) {
                $gaps[] = $have === 0 ? "Nothing for $for, and you asked for $many." : "For $for only $have of the $many you asked for.";
            }
        }

        return $gaps;
    }
}
