<?php

namespace App\Keep;

use App\Files\Media;
use App\Files\Pdf;

/** To take to the shop, with a box to tick for each thing. */
final class ShoppingPdf extends ShoppingExport
{
    public function label(): string
    {
        return 'Print it (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    protected function ending(): string
    {
        return 'pdf';
    }

    protected function written(Shopping $shopping): string
    {
        return Pdf::render(view('shopping', ['shopping' => $shopping])->render(), $shopping->kit->unit)->bytes;
    }
}
