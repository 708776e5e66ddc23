<?php

namespace App\Http\Controllers;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Sheet;
use App\Prints\CardExport;
use App\Prints\Export;
use App\Prints\KitExport;
use App\Prints\SheetExport;
use Illuminate\Http\Response;

/** Files of a kit, a card or a sheet; which one is said by the route. */
final class FileController
{
    public function ofKit(Kit $kit, KitExport $export): Response
    {
        return self::file($export, $export->fileName($kit), $export->write($kit));
    }

    public function ofCard(Kit $kit, Card $card, CardExport $export): Response
    {
        return self::file($export, $export->fileName($card), $export->write($card));
    }

    public function ofSheet(Kit $kit, Sheet $sheet, SheetExport $export): Response
    {
        $plan = $sheet->plan ?? abort(404);

        return self::file($export, $export->fileName($plan), $export->write($kit, $plan));
    }

    private static function file(Export $export, string $name, string $body): Response
    {
        return response($body, 200, [
            'Content-Type' => $export->media()->value,
            'Content-Disposition' => ($export->media()->isShown() ? 'inline' : 'attachment')."; filename=\"$name\"",
        ]);
    }
}
