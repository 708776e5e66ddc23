<?php

namespace Tools\Docs;

use Illuminate\Support\Facades\File;

/** The tables of arrows in docs/arrows.md, between their marks. */
final class ArrowsDocument
{
    /** @return list<Arrows> */
    public static function all(): array
    {
        return [Arrows::in('core', 'KeepShare\Core'), Arrows::in('app', 'App')];
    }

    public static function path(): string
    {
        return base_path('docs/arrows.md');
    }

    /** The document with the arrows as they are now. */
    public static function written(): string
    {
        $tables = implode("\n", array_map(static fn (Arrows $arrows): string => $arrows->table(), self::all()));

        return (string) preg_replace(
            '/(<!-- arrows: made by php artisan docs:arrows -->\n).*(<!-- \/arrows -->)/s',
            '${1}'.$tables.'${2}',
            File::get(self::path()),
        );
    }
}
