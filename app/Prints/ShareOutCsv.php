<?php

namespace App\Prints;

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
        $out = fopen('php://memory', 'r+') ?: throw new \RuntimeException('There is no memory to write to.');
        foreach (ShareOutFile::lines($table, $cards) as $line) {
            fputcsv($out, array_map(self::text(...), $line), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** A text that a spreadsheet would take for a formula is kept a text. */
    private static function text(string $cell): string
    {
        return preg_match('/^[=+@-]/', $cell) === 1 ? "'$cell" : $cell;
    }
}
