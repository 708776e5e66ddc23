<?php

namespace App\Http\Controllers;

use App\Actions\NextCards;
use App\Models\Kit;
use App\Pages\NextCardPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Sharing out card by card. */
final class NextCardController
{
    public function show(Kit $kit, NextCardPage $page): Response
    {
        return Inertia::render('NextCard', $page->of($kit));
    }

    public function store(Kit $kit, Request $request, NextCards $next): RedirectResponse
    {
        $number = $next->take($kit, $request->integer('nth'), $request->integer('revision'));

        return to_route('kits.next-card', $kit)->with('notice', "Card $number is on the table.");
    }

    public function stop(Kit $kit): RedirectResponse
    {
        NextCards::search($kit)->stop();

        return to_route('kits.next-card', $kit);
    }
}
