<?php

namespace App\Http\Controllers;

use App\Models\Card;
use App\Models\Kit;
use App\Prints\Pdf;
use App\Table\TableState;
use Illuminate\Http\Response;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Format\ShareOutFile;

/** The share-out as a file: JSON, CSV, or a page to print. */
final class ShareOutFileController
{
    public function show(Kit $kit, string $format): Response
    {
        $state = TableState::of($kit);
        $cards = array_values($state->cards->map(static fn (Card $card): CoreCard => $card->toCore())->all());
        $table = $state->tableWith([]);
        [$type, $body] = match ($format) {
            'json' => ['application/json', json_encode(ShareOutFile::write($kit->name, $table, $cards), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n"],
            'csv' => ['text/csv; charset=utf-8', self::csv(ShareOutFile::lines($table, $cards))],
            default => ['application/pdf', (string) Pdf::render(view('share-out', ['kit' => $kit, 'file' => ShareOutFile::write($kit->name, $table, $cards), 'cards' => $cards, 'lines' => array_slice(ShareOutFile::lines($table, $cards), 1)])->render(), $kit->unit)->output()],
        };

        return response($body, 200, ['Content-Type' => $type, 'Content-Disposition' => ($format === 'pdf' ? 'inline' : 'attachment').'; filename="share-out-'.preg_replace('/[^a-z0-9]+/', '-', strtolower($kit->name)).".$format\""]);
    }

    /** @param  list<list<string>>  $lines */
    private static function csv(array $lines): string
    {
        $out = fopen('php://memory', 'r+');
        if ($out === false) {
            abort(500);
        }
        foreach ($lines as $line) {
            // A text that a spreadsheet would take for a formula is kept a text.
            fputcsv($out, array_map(static fn (string $cell): string => preg_match('/^[=+@-]/', $cell) === 1 ? "'$cell" : $cell, $line), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }
}
