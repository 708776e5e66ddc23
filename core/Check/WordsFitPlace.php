<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Measure\Size;

/** Words larger than their place on the sketch cover what lies beside them. */
final class WordsFitPlace implements Check
{
    public function key(): string
    {
        return 'words-fit-place';
    }

    public function look(CardInHand $card): array
    {
        // If the arrangement puts them elsewhere, the whole front is their place.
        $arranged = $card->front->group?->piece(WordsPart::ID);
        $words = $arranged->stand->size ?? $card->layer(WordsPart::ID)?->rect->size;
        $place = $arranged === null || $arranged->spot->of === 'words' ? $card->layout->sentiment->size : $card->layout->front;

        return $words !== null && ! $words->fitsIn($place)
            ? [
                Finding::of(
                    $this->key(),
                    "The sentiment is {$words->label($card->unit)}, the place for it {$place->label($card->unit)}.",
                    'Take smaller words, or another sketch.',
                    ...self::shorter($card, $place),
                ),
            ]
            : [];
    }

    /** @return list<Repair> printed words for the occasion that find room there and are on no card yet */
    private static function shorter(CardInHand $card, Size $place): array
    {
        $taken = [];
        foreach ($card->others as $other) {
            $taken = [...$taken, ...array_column($other->takings, 'component')];
        }
        $repairs = [];
        foreach ($card->components as $component) {
            $words = $component->words();
            $size = $words?->fit($card->card->occasion) === true ? $component->printedSize() : null;
            $isOpen = ! in_array($component->id, $taken, true) && $component->count > 0;
            if ($words !== null && $size !== null && $size->fitsIn($place) && $isOpen) {
                $repairs[] = Repair::fill("Take “{$words->text}”", WordsPart::ID, $component->id, 0);
            }
        }

        return array_slice($repairs, 0, 2);
    }
}
