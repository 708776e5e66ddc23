<?php

namespace App\View;

use App\Cards\Grid;
use App\Models\Card;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Outlook\WayOut;

/**
 * The parts of cards that cannot get what they take, each with its ways out: beside the grid, after a wrong cut, and on
 * the page of the card.
 *
 * @phpstan-type ShortPart array{
 *     card: int,
 *     part: string,
 *     says: string,
 *     ways: list<array{kind: string, says: string}>,
 * }
 */
final readonly class ShortParts
{
    /** @return list<ShortPart> of one card, or of all; the earliest card first */
    public static function of(TableState $state, ?Card $card = null): array
    {
        $short = collect($state->shorts())->flatten();
        $own = $card === null ? $short : $short->where('card_id', $card->id);
        $inTurn = Taking::inTurn($own);

        return array_values($inTurn->map(static fn (Taking $taking): array => self::one($taking, $state))->all());
    }

    /** @return ShortPart */
    public static function one(Taking $taking, TableState $state): array
    {
        $size = $taking->size();
        $measures = $size === null ? '' : ", {$size->label($state->kit->unit)}";

        return [
            'card' => $taking->card_id,
            'part' => $taking->part,
            'says' => "Card {$taking->card->number} is without its {$taking->partName()}$measures.",
            'ways' => array_map(
                static fn (WayOut $way): array => ['kind' => $way->kind, 'says' => $way->says],
                Grid::waysOut($state, $taking),
            ),
        ];
    }
}
