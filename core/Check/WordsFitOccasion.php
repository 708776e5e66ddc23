<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\WordsPart;

final class WordsFitOccasion implements Check
{
    public function key(): string
    {
        return 'words-fit-occasion';
    }

    public function look(CardInHand $card): array
    {
        $words = $card->taken(WordsPart::ID)?->words();

        return $words !== null && ! $words->fit($card->card->occasion)
            ? [
                Finding::of(
                    $this->key(),
                    "“{$words->text}” is not for {$card->card->occasion->label()}.",
                    'Take words that are, or give the card another occasion.',
                    ...array_map(Repair::occasion(...), array_slice($words->occasions, 0, 3)),
                ),
            ]
            : [];
    }
}
