<?php

namespace App\ShareOut;

use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Sharing out card by card. */
final class NextCardController
{
    public function show(Kit $kit, NextCards $next): NextCardPage
    {
        return NextCardPage::of($kit, $next);
    }

    public function store(Kit $kit, Request $request, NextCards $next): RedirectResponse
    {
        $number = $next->take($kit, $request->integer('nth'), $request->integer('revision'));

        return to_route('kits.share-out.next', $kit)->with('notice', "Card $number is on the table.");
    }

    public function stop(Kit $kit): RedirectResponse
    {
        NextCards::search($kit)->stop();

        return to_route('kits.share-out.next', $kit);
    }
}
