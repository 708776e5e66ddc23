<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\WordsPart;

/** Words larger than the place the sketch keeps for them cover what lies beside it. */
final class WordsFitPlace implements Check
{
    public function key(): string
    {
        return 'words-fit-place';
    }

    public function look(CardInHand $card): array
    {
        $words = $card->layer(WordsPart::ID)?->rect->size;
        $place = $card->layout->sentiment->size;

        return $words !== null && ! $words->fitsIn($place)
            ? [
                Finding::of(
                    $this->key(),
                    "The sentiment is {$words->label($card->unit)}, the place for it {$place->label($card->unit)}.",
                    'Take smaller words, or another sketch.',
                ),
            ]
            : [];
    }
}
