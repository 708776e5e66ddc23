<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Measure\Size;

/** The singular and the plural of a part. */
final class Noun
{
    private const UNLIKE = ['leaf' => 'leaves', 'fish' => 'fish', 'sheep' => 'sheep'];

    /** A part at least this many times as long as wide is a strip. */
    private const STRIP = 3;

    /**
     * The name of a piece in a plan.
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

    /** The singular: "strip" for "strips". Other words stay as they are. */
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
