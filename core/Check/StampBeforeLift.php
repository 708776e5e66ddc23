<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Kit\Stamp;

/** Foam gives under a stamp, and the print comes out patchy. */
final class StampBeforeLift implements Check
{
    public function key(): string
    {
        return 'stamp-before-lift';
    }

    public function look(CardInHand $card): array
    {
        $isStamped = $card->taken(WordsPart::ID)?->good instanceof Stamp;
        $under = $card->layout->under($card->layer(WordsPart::ID)->rect ?? $card->layout->sentiment);
        if (! $isStamped || $under === null || $under->part->foam === 0) {
            return [];
        }

        return [
            $card->card->taking(LabelPart::ID) === null
                ? Finding::of(
                    $this->key(),
                    "The words are stamped on the {$under->part->name}, which stands on foam.",
                    'Stamp it before it is popped up, and let the ink dry.',
                )
                : Finding::hint(
                    $this->key(),
                    'The label of the words lies on a raised part.',
                    'Stamp the label before it is glued down.',
                ),
        ];
    }
}
