<?php

namespace App\Tally;

use App\Journal\Journal;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Refusal;

final class TallyController
{
    public function show(Kit $kit): TallyPage
    {
        return TallyPage::of($kit);
    }

    public function all(Journal $journal): GavePage
    {
        return GavePage::now($journal);
    }

    /** What something of the stash costs, so that cards with it cost what they really cost. */
    public function price(Kit $kit, Request $request, Journal $journal): RedirectResponse
    {
        $stash = Kit::stash() ?? abort(404);
        $component = $stash->components()->findOrFail($request->integer('component'));
        $currency = $stash->currency ?? $kit->currency;
        if ($currency === null) {
            throw ValidationException::withMessages(['price' => 'Say first in what currency the kit was bought, on its About page.']);
        }
        $typed = $request->string('price')->trim()->toString();
        try {
            $price = $typed === '' ? null : Price::typed($typed, $currency);
        } catch (Refusal) {
            throw ValidationException::withMessages(['price' => 'Write the price as in 4.50.']);
        }
        $name = "Price of $component->name";
        $journal->act($kit, $name, $request->integer('revision'), static function () use ($stash, $component, $currency, $price): void {
            $component->update($component->keepsPrice($price));
            $stash->update(['currency' => $currency]);
        });

        return to_route('kits.tally', $kit);
    }
}
