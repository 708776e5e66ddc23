<?php

namespace App\Unpack;

use App\Models\Kit;
use Illuminate\Http\RedirectResponse;

final class UnpackController
{
    /** Opens a kit where its work begins. */
    public function open(Kit $kit): RedirectResponse
    {
        return to_route('kits.unpack', $kit);
    }

    public function show(Kit $kit): UnpackPage
    {
        return UnpackPage::of($kit);
    }
}
