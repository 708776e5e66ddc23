<?php

namespace App\Table;

use App\Models\Kit;
use App\Models\KitWishes;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/**
 * How many cards a kit can give at most, and what runs out then. It is a bound, not a promise.
 *
 * @phpstan-type CardsAtMost array{
 *     cards: int,
 *     says: string, // "at most 18 cards: there are no more bases"
 *     guesses: int, // lines of which something was taken as is usual
 *     isSharedOut: bool,
 * }
 */
final class UpTo
{
    /** @return CardsAtMost|null null where nothing is on the list */
    public static function of(Kit $kit): ?array
    {
        if ($kit->is_stash || $kit->components()->doesntExist()) {
            return null;
        }
        $state = TableState::of($kit);
        $table = self::table($state, KitWishes::of($kit, Preferences::MOST_CARDS, $kit->uses_stash, KitWishes::words($kit)));

        return [
            'cards' => Bound::on($table)->cards,
            'says' => Bound::inWords($table),
            'guesses' => $kit->components()->where('guesses', '!=', '[]')->count(),
            'isSharedOut' => $kit->cards()->exists(),
        ];
    }

    /** With only the cards that stay, and with everything taken apart that could be. */
    public static function table(TableState $state, Preferences $wishes): Table
    {
        return $state->tableWith($state->fixed(), $wishes)->everythingApart();
    }
}
