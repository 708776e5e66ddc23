<?php

namespace App\Http\Controllers;

use App\Actions\BonusCards;
use App\Actions\TakeApart;
use App\Models\Component;
use App\Models\Kit;
use App\Pages\KeepPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class KeepController
{
    public function show(Kit $kit, BonusCards $bonus): KeepPage
    {
        return KeepPage::of($kit, $bonus);
    }

    public function store(Kit $kit, Request $request, BonusCards $bonus): RedirectResponse
    {
        $bonus->add($kit, $request->integer('number'), $request->integer('revision'));

        return to_route('kits.keep', $kit)->with('notice', "Card {$request->integer('number')} is in the share-out.");
    }

    public function apart(Kit $kit, Request $request, TakeApart $apart): RedirectResponse
    {
        $component = $kit->components()->findOrFail(Component::idOfCore($request->string('component')->toString()));
        $apart->take($kit, $component, 1, $request->integer('revision'));

        return to_route('kits.keep', $kit)->with('notice', "One $component->name less; what it gives lies with the papers.");
    }

    public function stop(Kit $kit, BonusCards $bonus): RedirectResponse
    {
        BonusCards::search($kit)->stop();

        return to_route('kits.keep', $kit);
    }
}
