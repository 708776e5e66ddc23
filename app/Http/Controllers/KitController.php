<?php

namespace App\Http\Controllers;

use App\Models\Kit;
use App\Pages\TallyPage;
use App\Pages\UnpackPage;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class KitController
{
    public function show(Kit $kit): RedirectResponse
    {
        return to_route('kits.unpack', $kit);
    }

    public function unpack(Kit $kit): Response
    {
        return Inertia::render('Unpack', UnpackPage::of($kit));
    }

    public function tally(Kit $kit): Response
    {
        return Inertia::render('Tally', TallyPage::of($kit));
    }
}
