<?php

namespace App\Models;

use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Taking as CoreTaking;

/** A card with its takings as one array of table columns, so that it can be stored outside them. */
final class CardRecord
{
    /** @return array<string, mixed> */
    public static function write(CoreCard $card, bool $isBonus = false): array
    {
        return [
            'number' => $card->number,
            ...Card::keeps($card->sketch),
            ...Card::keepsArranged($card->arrangement),
            'occasion' => $card->occasion->value,
            'front_width' => $card->front->width->units,
            'front_height' => $card->front->height->units,
            'frame' => $card->frame?->units,
            'fold' => $card->fold->value,
            'set' => $card->set,
            'is_bonus' => $isBonus,
            'takings' => array_map(static fn (CoreTaking $taking): array => Taking::keeps($taking), $card->takings),
        ];
    }

    /** @return array<string, mixed> with what is said of the card beside its design */
    public static function of(Card $card): array
    {
        return [
            ...self::write($card->toCore(), $card->is_bonus),
            'notes' => $card->notes,
            'is_for_a_man' => $card->is_for_a_man,
            'is_pinned' => $card->is_pinned,
            'takings' => array_values(
                $card->takings
                    ->map(
                        static fn (Taking $taking): array => [
                            ...Taking::keeps($taking->toCore()),
                            'is_pinned' => $taking->is_pinned,
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * A card that is not on the table yet.
     *
     * @param  array<string, mixed>  $record
     */
    public static function read(array $record): Card
    {
        $takings = is_array($record['takings'] ?? null) ? $record['takings'] : [];
        $card = new Card(array_diff_key($record, ['takings' => true]));

        return $card->setRelation(
            'takings',
            collect($takings)->map(
                static fn (mixed $taking): Taking => new Taking(is_array($taking) ? $taking : []),
            ),
        );
    }
}
