<?php

namespace App\Models;

/** What is noted with a card beside its design, as a share-out file has it. */
final class CardNotes
{
    /** @return array<string, mixed> */
    public static function of(Card $card): array
    {
        return array_filter([
            'bonus' => $card->is_bonus,
            'for_a_man' => $card->is_for_a_man,
            'pinned' => $card->is_pinned,
            'pinned_parts' => $card->pinnedParts(),
            'notes' => $card->notes,
        ]);
    }

    /**
     * A card's record with the notes of a file.
     *
     * @param  array<string, mixed>  $record  as CardRecord writes it
     * @return array<string, mixed>
     */
    public static function with(array $record, mixed $noted): array
    {
        $noted = is_array($noted) ? $noted : [];
        $pinned = is_array($noted['pinned_parts'] ?? null) ? $noted['pinned_parts'] : [];
        /** @var list<array<string, mixed>> $takings */
        $takings = $record['takings'];

        return [
            ...$record,
            'is_bonus' => ($noted['bonus'] ?? false) === true,
            'is_for_a_man' => ($noted['for_a_man'] ?? false) === true,
            'is_pinned' => ($noted['pinned'] ?? false) === true,
            'notes' => is_string($noted['notes'] ?? null) ? mb_substr($noted['notes'], 0, 2_000) : '',
            'takings' => array_map(
                static fn (array $taking): array => [...$taking, 'is_pinned' => in_array($taking['part'], $pinned, true)],
                $takings,
            ),
        ];
    }
}
