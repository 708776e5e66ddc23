<?php

namespace App\Safe;

use App\Files\Scratch;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;

/** Deletes files whose upload was refused or whose process was ended. All of them are made anew where they are needed. */
final class Sweep
{
    /** Folders below the storage folder, and after how many hours nobody needs what is in them. */
    private const HOURS = [
        'app/opening' => 24,
        'app/saved' => 48,
        'app/uploads' => 6,
        Scratch::PLACE => 24,
    ];

    private const LOOKED = 'sweep:looked';

    /** Seconds before it is looked again. */
    private const EACH = 3_600;

    public static function whereDue(): void
    {
        if (Cache::add(self::LOOKED, true, self::EACH)) {
            self::leftovers();
        }
    }

    public static function leftovers(): void
    {
        foreach (self::HOURS as $folder => $hours) {
            self::sweep(glob(storage_path("$folder/*")) ?: [], $hours);
        }
        $copies = Copies::kept();
        self::sweep($copies === null ? [] : (glob("$copies->folder/*.zip.*.part") ?: []), 24);
    }

    /** @param  list<string>  $paths */
    private static function sweep(array $paths, int $hours): void
    {
        foreach ($paths as $path) {
            if ((int) @filemtime($path) > time() - 3_600 * $hours) {
                continue;
            }
            is_dir($path) ? File::deleteDirectory($path) : @unlink($path);
        }
    }
}
