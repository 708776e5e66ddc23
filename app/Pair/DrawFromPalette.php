<?php

namespace App\Pair;

use App\Cards\NoCard;
use App\Cards\PlaceCards;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Models\Palette;
use App\Table\TableState;
use KeepShare\Core\Outlook\ShareOut;

/** Makes one more card with the papers and cardstock of a palette only. */
final readonly class DrawFromPalette
{
    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    /** @throws NoCard saying what stops it */
    public function draw(Kit $kit, Palette $palette, ?int $revision): int
    {
        $wishes = KitWishes::beyond($kit, 1)->from($palette->surfaces);
        $found = ShareOut::of(TableState::of($kit)->table($wishes));
        $card = $found->cards[0] ?? throw NoCard::from($palette->name, $found->stop?->wants());
        $this->journal->act(
            $kit,
            "Draw card $card->number from $palette->name",
            $revision,
            fn () => $this->cards->place($kit, [$card], false),
        );

        return $card->number;
    }
}
