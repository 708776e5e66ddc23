<?php

namespace App\Http\Controllers;

use App\Models\Kit;
use App\Pages\TallyPage;

final class TallyController
{
    public function show(Kit $kit): TallyPage
    {
        return TallyPage::of($kit);
    }
}
