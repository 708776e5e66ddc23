<?php

namespace App\Files;

/** Lines for a spreadsheet. */
final class CsvText
{
    /** @param  iterable<list<string>>  $lines */
    public static function of(iterable $lines): string
    {
        $out = fopen('php://memory', 'r+') ?: throw new \RuntimeException('There is no memory to write to.');
        foreach ($lines as $line) {
            fputcsv($out, array_map(self::text(...), $line), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** A text that a spreadsheet would take for a formula is escaped. */
    private static function text(string $cell): string
    {
        return preg_match('/^[=+@-]/', $cell) === 1 ? "'$cell" : $cell;
    }
}
