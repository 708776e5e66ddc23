<?php

namespace App\Http\Controllers;

use App\Actions\CutSheet;
use App\Journal\StaleTable;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Pages\CutPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class CutController
{
    public function show(Kit $kit, Request $request): Response
    {
        return Inertia::render('Cut', CutPage::of($kit, $request->integer('sheet') ?: null));
    }

    public function store(Kit $kit, Sheet $sheet, Request $request, CutSheet $cut): RedirectResponse
    {
        // A stale tab may ask for a sheet that has been planned anew, or cut, since.
        $plan = CutPlan::query()->where('sheet_id', $sheet->id)->whereNull('cut_at')->with('sheet.component')->first() ?? throw StaleTable::since($kit);
        $cut->cut($kit, $plan, $request->integer('revision'));

        return to_route('kits.cut', $kit);
    }
}
