<?php

namespace App\Files;

use App\Models\CutPlan;
use App\Models\Kit;

/** A file about a sheet that is to be cut for a kit. */
interface SheetExport extends Export
{
    public function fileName(CutPlan $plan): string;

    public function write(Kit $kit, CutPlan $plan): string;
}
