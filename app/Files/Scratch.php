<?php

namespace App\Files;

use Closure;
use Illuminate\Support\Facades\File;

/** A folder for what is needed while one thing is made. It is its owner's to read, and is deleted afterwards. */
final class Scratch
{
    /** Where these folders are, in the storage folder. What lies there for long was left by a process that was ended. */
    public const PLACE = 'app/scratch';

    /**
     * @template T
     *
     * @param  Closure(string): T  $make  is given the folder
     * @return T
     */
    public static function in(Closure $make): mixed
    {
        $folder = storage_path(self::PLACE.'/'.bin2hex(random_bytes(8)));
        File::ensureDirectoryExists($folder, 0700);
        try {
            return $make($folder);
        } finally {
            File::deleteDirectory($folder);
        }
    }
}
