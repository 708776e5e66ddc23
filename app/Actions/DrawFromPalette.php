<?php

namespace App\Actions;

use App\Journal\Journal;
use App\Models\Kit;
use App\Models\Palette;
use App\Table\TableState;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Wishes;

/** Draws one more card with papers and cardstock of a palette only. */
final readonly class DrawFromPalette
{
    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    /** @throws NotEnough saying what stops it */
    public function draw(Kit $kit, Palette $palette, ?int $revision): int
    {
        $found = ShareOut::of(TableState::of($kit)->table(), Wishes::cards(1, $kit->uses_stash)->from($palette->surfaces));
        $card = $found->cards[0] ?? throw NotEnough::forPalette($palette->name, $found->stop?->wants() ?? 'something else');
        $this->journal->act($kit, "Draw card $card->number from $palette->name", $revision, fn () => $this->cards->place($kit, [$card], false));

        return $card->number;
    }
}
