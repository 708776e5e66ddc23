<?php

namespace App\Cut;

use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\SheetExport;
use App\Models\CutPlan;
use App\Models\Kit;

/** A sheet with its cuts in its real size. */
final class SheetSvg implements SheetExport
{
    public function path(): string
    {
        return 'plan.svg';
    }

    public function label(): string
    {
        return 'real size (SVG)';
    }

    public function media(): Media
    {
        return Media::Svg;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Sheet;
    }

    public function fileName(CutPlan $plan): string
    {
        return "sheet-$plan->sheet_id.svg";
    }

    public function write(Kit $kit, CutPlan $plan): string
    {
        return SheetPrint::svg($kit, $plan);
    }
}
