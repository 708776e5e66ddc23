<?php

namespace App\Prints;

use App\Models\Kit;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Table\Table;

/** For other programs: every card with what it takes, and the balance. */
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
        return json_encode(ShareOutFile::write($kit->name, $table, $cards), self::FLAGS)."\n";
    }
}
