<?php

namespace App\Files;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Sheet;
use Illuminate\Http\Response;

/** Sends files about a kit, a card or a sheet. The route says which. */
final class FileController
{
    public function ofKit(Kit $kit, KitExport $export): Response
    {
        return $export->media()->file($export->fileName($kit), $export->write($kit));
    }

    public function ofCard(Kit $kit, Card $card, CardExport $export): Response
    {
        return $export->media()->file($export->fileName($card), $export->write($card));
    }

    public function ofSheet(Kit $kit, Sheet $sheet, SheetExport $export): Response
    {
        $plan = $sheet->plan ?? abort(404);

        return $export->media()->file($export->fileName($plan), $export->write($kit, $plan));
    }
}
