<?php

namespace App\ShareOut;

use App\Files\Media;
use App\Files\Pdf;
use App\Models\Kit;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Table\Table;

/** For the table: what each card takes, and what is left. */
final class ShareOutPdf extends ShareOutExport
{
    public function media(): Media
    {
        return Media::Pdf;
    }

    protected function ending(): string
    {
        return 'pdf';
    }

    protected function written(Kit $kit, Table $table, array $cards): string
    {
        $html = view('share-out', [
            'kit' => $kit,
            'file' => ShareOutFile::write($kit->name, $table, $cards),
            'cards' => $cards,
            'lines' => array_slice(ShareOutFile::lines($table, $cards), 1),
        ])->render();

        return Pdf::render($html, $kit->unit)->bytes;
    }
}
