<?php

namespace App\Shelf;

use App\Files\KitExport;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Models\Kit;
use Illuminate\Support\Str;
use KeepShare\Core\Kit\KitFile;

/** The kit with all its goods, its designs and its wishes, to be brought in again anywhere. */
final class KitJson implements KitExport
{
    public function path(): string
    {
        return 'export';
    }

    public function label(): string
    {
        return 'Save as a file';
    }

    public function media(): Media
    {
        return Media::Json;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::AboutKit;
    }

    public function fileName(Kit $kit): string
    {
        return (Str::slug($kit->name) ?: 'kit').'.json';
    }

    public function write(Kit $kit): string
    {
        return KitFile::write($kit->toCore());
    }
}
