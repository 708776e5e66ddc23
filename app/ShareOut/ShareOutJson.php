<?php

namespace App\ShareOut;

use App\Files\Media;
use App\Models\CardNotes;
use App\Models\Kit;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Table\Table;

/** For other programs, and to be read again: every card with what it takes and its notes, and the balance. */
final class ShareOutJson extends ShareOutExport
{
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    public function media(): Media
    {
        return Media::Json;
    }

    protected function ending(): string
    {
        return 'json';
    }

    protected function written(Kit $kit, Table $table, array $cards): string
    {
        $file = ShareOutFile::write($kit->name, $table, $cards);
        $notes = $kit->cards()->with('takings')->get()->map(CardNotes::of(...))->all();
        $written = is_array($file['cards']) ? $file['cards'] : [];
        $file['cards'] = array_map(static fn (array $card, array $noted): array => [...$card, ...$noted], $written, $notes);

        return json_encode($file, self::FLAGS)."\n";
    }
}
