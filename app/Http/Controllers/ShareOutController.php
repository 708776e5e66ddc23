<?php

namespace App\Http\Controllers;

use App\Actions\ShareOutKit;
use App\Http\Requests\ShareOutRequest;
use App\Journal\StaleTable;
use App\Models\Kit;
use App\Models\Solve;
use App\Pages\ShareOutPage;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class ShareOutController
{
    public function show(Kit $kit, ShareOutPage $page): Response
    {
        return Inertia::render('ShareOut', $page->of($kit));
    }

    public function store(Kit $kit, ShareOutRequest $request, ShareOutKit $shareOut): RedirectResponse
    {
        if ($request->integer('revision') !== $kit->revision) {
            throw StaleTable::since($kit);
        }
        if (Solve::query()->where('kit_id', $kit->id)->latest('id')->first()?->isUnderWay() !== true) {
            $shareOut->request($kit, $request->wishes());
        }

        return to_route('kits.share-out', $kit);
    }

    public function stop(Kit $kit, ShareOutKit $shareOut): RedirectResponse
    {
        $shareOut->stop($kit);

        return to_route('kits.share-out', $kit);
    }
}
