<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;

/** What the maker asked for across all cards and did not get: no card for sympathy, too few birthdays. */
final class SpreadGaps
{
    /** The key for the number of cards for a man. */
    public const MAN = 'for-a-man';

    /**
     * @param  list<Card>  $cards
     * @param  int  $forMen  how many of them would do for a man
     * @param  array<string, int>  $wanted  how many of each occasion and fold, and for a man
     * @return list<string> each a sentence
     */
    public static function of(array $cards, int $forMen, array $wanted): array
    {
        $gaps = [];
        foreach ($wanted as $what => $many) {
            [$of, $have] = self::have($cards, $forMen, $what);
            if ($have < $many) {
                $gaps[] = $have === 0 ? "No card $of. You asked for $many." : "Only $have of the $many cards $of that you asked for.";
            }
        }

        return $gaps;
    }

    /**
     * @param  list<Card>  $cards
     * @return array{string, int} how it is said, and how many there are
     */
    private static function have(array $cards, int $forMen, string $what): array
    {
        $occasion = Occasions::named($what);
        $fold = FoldKind::tryFrom($what);

        return match (true) {
            $occasion !== null => [
                "for {$occasion->label()}",
                count(array_filter($cards, static fn (Card $card): bool => $card->occasion->equals($occasion))),
            ],
            $fold !== null => [
                "with {$fold->oneOf()}",
                count(array_filter($cards, static fn (Card $card): bool => $card->fold === $fold)),
            ],
            default => ['for a man', $forMen],
        };
    }
}
