<?php

namespace App\ShareOut;

use App\Files\CsvText;
use App\Files\Media;
use App\Models\Kit;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Table\Table;

/** For a spreadsheet: a line for everything a card takes. */
final class ShareOutCsv extends ShareOutExport
{
    public function media(): Media
    {
        return Media::Csv;
    }

    protected function ending(): string
    {
        return 'csv';
    }

    protected function written(Kit $kit, Table $table, array $cards): string
    {
        return CsvText::of(ShareOutFile::lines($table, $cards));
    }
}
