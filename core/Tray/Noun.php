<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Measure\Size;

/** What parts are called, one and many. */
final class Noun
{
    private const UNLIKE = ['leaf' => 'leaves', 'fish' => 'fish', 'sheep' => 'sheep'];

    /** A part at least so many times as long as it is wide is a strip. */
    private const STRIP = 3;

    /**
     * What a piece of a plan is called.
     *
     * @param  string  $piece  the id of a standard part, or a card and a part of it
     */
    public static function of(string $piece, Size $size): string
    {
        return str_contains($piece, ':') ? explode(':', $piece)[0] : self::ofSize($size);
    }

    public static function ofSize(Size $size): string
    {
        return $size->longer()->units >= self::STRIP * $size->shorter()->units ? 'strip' : 'panel';
    }

    /** "1 strip", "3 strips". */
    public static function counted(int $count, string $noun): string
    {
        return "$count ".($count === 1 ? $noun : self::many($noun));
    }

    public static function many(string $noun): string
    {
        return self::UNLIKE[$noun] ?? $noun.'s';
    }

    /** The one of many: "strip" of "strips"; a word that is not many is left as it is. */
    public static function one(string $word): string
    {
        $unlike = array_search($word, self::UNLIKE, true);

        return match (true) {
            is_string($unlike) => $unlike,
            str_ends_with($word, 's') && ! str_ends_with($word, 'ss') => substr($word, 0, -1),
            default => $word,
        };
    }
}
