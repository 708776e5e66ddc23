<?php

namespace App\Http\Controllers;

use App\Entry\SheetPhoto;
use App\Http\Requests\RecordRequest;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\CardPhoto;
use App\Models\Kit;
use App\Pages\CardsMadePage;
use App\Pages\TallyCardsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use KeepShare\Core\Kit\BadKit;

/** What is remembered of cards, and the cards of all kits. */
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
            "Remember of card $card->number",
            $request->integer('revision'),
            static fn () => $card->update($request->columns()),
        );

        return to_route('kits.tally.cards', $kit);
    }

    public function keepPhoto(Kit $kit, Card $card, Request $request, Journal $journal): RedirectResponse
    {
        $request->validate(['photo' => ['required', 'file', 'max:'.intdiv(SheetPhoto::MOST_BYTES, 1_024)]], [
            'photo.required' => 'Choose a picture first.',
            'photo.*' => 'The picture did not arrive whole. It may be up to 8 MB.',
        ]);
        $file = $request->file('photo');
        try {
            $photo = SheetPhoto::read($file instanceof UploadedFile ? $file->getRealPath() : '');
        } catch (BadKit $wrong) {
            return back()->withErrors(['photo' => $wrong->getMessage()]);
        }
        $name = "Photograph of card $card->number";
        $journal->act($kit, $name, $request->integer('revision'), static function () use ($card, $photo): void {
            CardPhoto::query()->where('card_id', $card->id)->get()->each->delete();
            CardPhoto::query()->create(['card_id' => $card->id, 'jpeg' => base64_encode($photo->jpeg)]);
        });

        return to_route('kits.tally.cards', $kit)->with('notice', "Card $card->number has its photograph.");
    }

    public function dropPhoto(Kit $kit, Card $card, Request $request, Journal $journal): RedirectResponse
    {
        $journal->act(
            $kit,
            "Take the photograph of card $card->number off",
            $request->integer('revision'),
            static fn () => CardPhoto::query()->where('card_id', $card->id)->get()->each->delete(),
        );

        return to_route('kits.tally.cards', $kit);
    }

    public function photo(CardPhoto $photo): Response
    {
        return response((string) base64_decode($photo->jpeg), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
