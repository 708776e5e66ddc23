<?php

namespace App\Cut;

use App\Drawing\CutDrawing;
use App\Files\Pdf;
use App\Files\PrintedSheet;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\PrintPaper;
use App\Table\TableState;

/**
 * A sheet with its cuts as on the page: as SVG in real millimetres, and as a page to lay beside the trimmer.
 *
 * @phpstan-import-type SheetInHand from CutSheets
 */
final readonly class SheetPrint
{
    /** The share of the page height that the drawing may take beside the text, in millimetres. */
    private const HIGH = 190.0;

    /** In its real size. */
    public static function svg(Kit $kit, CutPlan $plan): string
    {
        return CutDrawing::real(self::sheet($kit, $plan), TableState::of($kit)->core)->svg();
    }

    /** With its cuts, in its real size if it fits the paper. Otherwise the scale is said. */
    public static function pdf(Kit $kit, CutPlan $plan): string
    {
        $sheet = self::sheet($kit, $plan);

        return Pdf::render(view('sheet-plan', [
            'kit' => $kit,
            'sheet' => $sheet,
            'printed' => PrintedSheet::on(PrintPaper::for($kit->unit), $sheet, TableState::of($kit)->core, self::HIGH),
            'shows' => "{$sheet['name']}, {$sheet['which']}, with its parts and its cuts",
        ])->render(), $kit->unit)->bytes;
    }

    /** @return SheetInHand */
    private static function sheet(Kit $kit, CutPlan $plan): array
    {
        return CutSheets::of($kit, null)->exactly($plan->sheet_id) ?? abort(404);
    }
}
