<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use Transliterator;

/** Makes the id of a component from its name. */
final class Slug
{
    /** It is made once, since that takes far longer than using it. */
    private static ?Transliterator $plainly = null;

    /** @param  list<string>  $taken ids it must differ from */
    public static function unique(string $name, array $taken): string
    {
        $plain = self::of($name);
        $slug = substr(preg_match('/^[a-z]/', $plain) === 1 ? $plain : rtrim("item-$plain", '-'), 0, 50);
        $slug = rtrim($slug, '-');
        $unique = $slug;
        for ($n = 2; in_array($unique, $taken, true); $n++) {
            $unique = "$slug-$n";
        }

        return $unique;
    }

    /** In small letters, figures and hyphens only. Empty if nothing is left. */
    public static function of(string $name): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower(self::ascii($name))), '-');
    }

    private static function ascii(string $name): string
    {
        self::$plainly ??= Transliterator::create('Any-Latin; Latin-ASCII');
        $plain = self::$plainly?->transliterate($name);

        return is_string($plain) ? $plain : $name;
    }
}
