<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** A letter or a figure by itself. With others it makes a word or an age. It is not a picture. */
final class Glyph
{
    private const NAMED = '/^(?:(?:letter|number|figure|numeral)\s+)?["“\']?([a-z0-9])["”\']?(?:,.*|\s+(?:sticker|chipboard|puffy))?$/iu';

    public static function isOne(Component $component): bool
    {
        return self::of($component) !== null;
    }

    /** In upper case. Null if it is something else. */
    public static function of(Component $component): ?string
    {
        $good = $component->good;
        $isPicture = $good instanceof Applied && $good->printed()->serves === Serves::Image;

        return $isPicture && preg_match(self::NAMED, trim($component->name), $found) === 1 ? mb_strtoupper($found[1]) : null;
    }
}
