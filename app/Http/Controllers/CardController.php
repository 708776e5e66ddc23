<?php

namespace App\Http\Controllers;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\Kit;
use App\Models\Waiver;
use App\Pages\CardPage;
use App\Prints\CardPlan;
use App\Prints\CardSvg;
use App\Table\TableState;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;
use KeepShare\Core\Check\Check;
use KeepShare\Core\Check\Checks;

final class CardController
{
    public function show(Kit $kit, Card $card): Response
    {
        return Inertia::render('Card', CardPage::of($card));
    }

    public function waive(Kit $kit, Card $card, Request $request, Journal $journal): RedirectResponse
    {
        $keys = array_map(static fn (Check $check): string => $check->key(), Checks::all());
        $request->validate(
            ['check' => ['required', 'in:'.implode(',', $keys)], 'why' => ['required', 'string', 'max:200']],
            ['why.*' => 'Say in a word why it is fine, in up to 200 characters.'],
        );
        $journal->act($kit, "Wave a finding off on card $card->number", $request->integer('revision'), static fn () => Waiver::query()->updateOrCreate(
            ['card_id' => $card->id, 'check' => $request->string('check')->toString()],
            ['why' => $request->string('why')->trim()->toString()],
        ));

        return back();
    }

    public function pdf(Kit $kit, Card $card): PlainResponse
    {
        return response(CardPlan::pdf($card), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"card-$card->number.pdf\""]);
    }

    public function svg(Kit $kit, Card $card): PlainResponse
    {
        $state = TableState::of($kit);

        return response(CardSvg::of(($state->cards->get($card->id) ?? $card)->toCore(), $state->core, $kit->unit), 200, ['Content-Type' => 'image/svg+xml', 'Content-Disposition' => "attachment; filename=\"card-$card->number.svg\""]);
    }
}
