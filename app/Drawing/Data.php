<?php

namespace App\Drawing;

use Illuminate\Support\Facades\File;

/** What prints and shapes look like: the files in resources/drawings, which the interface reads too. */
final class Data
{
    /** @var array<string, array<string, mixed>> */
    private static array $read = [];

    /** @return array<string, mixed> */
    public static function read(string $name): array
    {
        return self::$read[$name] ??= File::json(resource_path("drawings/$name.json"), JSON_THROW_ON_ERROR);
    }
}
