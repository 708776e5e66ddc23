<?php

namespace App\Card;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\Kit;
use App\Models\Waiver;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Check\Check;
use KeepShare\Core\Check\Checks;

final class CardController
{
    public function show(Kit $kit, Card $card): CardPage
    {
        return CardPage::of($card);
    }

    public function waive(Kit $kit, Card $card, Request $request, Journal $journal): RedirectResponse
    {
        $keys = array_map(static fn (Check $check): string => $check->key(), Checks::all());
        $request->validate(
            ['check' => ['required', 'in:'.implode(',', $keys)], 'why' => ['required', 'string', 'max:200']],
            ['why.*' => 'Say briefly why it is fine, in up to 200 characters.'],
        );
        $journal->act(
            $kit,
            "Ignore a hint on card $card->number",
            $request->integer('revision'),
            static fn () => Waiver::query()->updateOrCreate(
                ['card_id' => $card->id, 'check' => $request->string('check')->toString()],
                ['why' => $request->string('why')->trim()->toString()],
            ),
        );

        return back();
    }
}
