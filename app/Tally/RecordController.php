<?php

namespace App\Tally;

use App\Acts\FileRequest;
use App\Acts\PhotoRequest;
use App\Files\KeptPicture;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Notes on cards, and the cards of all kits. */
final class RecordController
{
    public function show(Kit $kit): TallyCardsPage
    {
        return TallyCardsPage::of($kit);
    }

    public function all(Request $request, Journal $journal): CardsMadePage
    {
        $find = mb_substr($request->string('find')->toString(), 0, 200);

        return CardsMadePage::of($find, max(1, $request->integer('page', 1)), $journal);
    }

    public function store(Kit $kit, Card $card, RecordRequest $request, Journal $journal): RedirectResponse
    {
        $journal->act(
            $kit,
            "Notes on card $card->number",
            $request->integer('revision'),
            static fn () => $card->update($request->columns()),
        );

        return to_route('kits.tally.cards', $kit);
    }

    /** Reads a record again, for the cards with its numbers. */
    public function read(Kit $kit, FileRequest $request, ReadRecord $read): RedirectResponse
    {
        $many = $request->at('record_file', static fn (): int => $read->read($kit, $request->contents(), $request->integer('revision')));

        return to_route('kits.tally.cards', $kit)->with('notice', "The record of $many cards is read.");
    }

    public function keepPhoto(Kit $kit, Card $card, PhotoRequest $request, Journal $journal): RedirectResponse
    {
        $jpeg = base64_encode($request->photo()->jpeg);
        $name = "Photograph of card $card->number";
        $journal->act($kit, $name, $request->integer('revision'), static function () use ($card, $jpeg): void {
            CardPhoto::query()->where('card_id', $card->id)->get()->each->delete();
            CardPhoto::query()->create(['card_id' => $card->id, 'jpeg' => $jpeg]);
        });

        return to_route('kits.tally.cards', $kit)->with('notice', "Card $card->number has its photograph.");
    }

    public function dropPhoto(Kit $kit, Card $card, Request $request, Journal $journal): RedirectResponse
    {
        $journal->act(
            $kit,
            "Remove the photograph of card $card->number",
            $request->integer('revision'),
            static fn () => CardPhoto::query()->where('card_id', $card->id)->get()->each->delete(),
        );

        return to_route('kits.tally.cards', $kit);
    }

    public function photo(CardPhoto $photo): Response
    {
        return KeptPicture::response($photo->jpeg);
    }
}
