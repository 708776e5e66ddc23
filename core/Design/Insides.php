<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\InsidePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/**
 * Panels to write on, glued inside the cards. They are cut from the lightest cardstock that takes ink, if there is
 * enough.
 */
final class Insides
{
    /**
     * The same cards, each with a panel inside as far as the stock lasts, the earlier cards first. Stock for bases is
     * used last.
     *
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    public static function lined(Table $table, array $cards): array
    {
        $remains = RemainingStock::on($table->after(...$cards));
        // If only some cards may take from the stash, no panel adds to them.
        $from = $table->wishes->stashCards === null ? $table : $table->asking($table->wishes->kitOnly());
        $supplies = Supplies::of($from, $remains, Variety::on($table));
        $lined = [];
        foreach ($cards as $card) {
            $panel = self::panel($card, $table, $remains, $supplies);
            if ($panel !== null) {
                $remains->take($card->fitted([$panel]));
            }
            $lined[] = $panel === null ? $card : $card->fitted([...$card->takings, $panel]);
        }

        return $lined;
    }

    private static function panel(Card $card, Table $table, RemainingStock $remains, Supplies $supplies): ?Taking
    {
        $size = $card->layout($table->unit)->inside;
        foreach ($card->taking(InsidePart::ID) === null ? $supplies->labelStocks() : [] as $stock) {
            if (
                $stock->face->ground()->lab()->lightness > 80
                && $remains->planWith($stock->component, Piece::of($card->pieceId(InsidePart::ID), $size, true))
                    !== null
            ) {
                return Taking::piece($stock->component, InsidePart::ID, $size, $stock->index, true);
            }
        }

        return null;
    }
}
