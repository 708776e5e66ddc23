<?php

namespace App\Cut;

use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\SheetExport;
use App\Models\CutPlan;
use App\Models\Kit;

/** A sheet with its cuts, to lay beside the trimmer. */
final class SheetPdf implements SheetExport
{
    public function path(): string
    {
        return 'plan.pdf';
    }

    public function label(): string
    {
        return 'print it (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Sheet;
    }

    public function fileName(CutPlan $plan): string
    {
        return "sheet-$plan->sheet_id.pdf";
    }

    public function write(Kit $kit, CutPlan $plan): string
    {
        return SheetPrint::pdf($kit, $plan);
    }
}
