<?php

namespace App\Ledger;

use App\Models\Kit;

/** What was pasted for a kit and is not stored yet. It survives leaving the page and reloading. */
final readonly class PastedList
{
    public static function of(Kit $kit): string
    {
        $text = session(self::key($kit), '');

        return is_string($text) ? $text : '';
    }

    public static function put(Kit $kit, string $text): void
    {
        $text === '' ? session()->forget(self::key($kit)) : session()->put(self::key($kit), $text);
    }

    private static function key(Kit $kit): string
    {
        return "pasted.$kit->id";
    }
}
