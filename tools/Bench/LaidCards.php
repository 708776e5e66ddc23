<?php

namespace Tools\Bench;

use App\Cards\PlaceCards;
use App\Models\Kit;
use App\Table\TableState;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Preferences;

/** The cards of a share-out, put on the table without a user. */
final class LaidCards
{
    /** @return int how many there are: so many, or fewer where the kit gives no more */
    public static function on(Kit $kit, int $cards): int
    {
        $found = ShareOut::of(TableState::of($kit)->table(Preferences::cards($cards)))->cards;
        app(PlaceCards::class)->place($kit, $found, false);

        return count($found);
    }
}
