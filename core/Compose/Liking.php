<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;

/**
 * How well a piece matches the rest of a card: a shared colour, a shared word in their names, and a size smaller than
 * the picture.
 */
final class Liking
{
    /** @var array<string, float> differences of two colours, by both */
    private static array $apart = [];

    /** @var array<string, list<string>> words of a name, by the name */
    private static array $words = [];

    /**
     * @param  list<Colour>  $palette  of the card
     * @param  array<string, true>  $theme  the words of its names
     * @return int from about -5 to 30
     */
    public static function of(Component $piece, array $palette, array $theme): int
    {
        $colours = $piece->good instanceof Applied ? array_slice($piece->good->printed()->colours, 0, 2) : [];
        $near = self::nearest($colours, $palette);
        $shared = count(array_filter(self::wordsOf($piece->name), static fn (string $word): bool => isset($theme[$word])));

        return ($near < 12 ? 12 : ($near < 25 ? 6 : ($near > 45 ? -5 : 0))) + min(16, 8 * $shared);
    }

    /**
     * @param  list<Colour>  $some
     * @param  list<Colour>  $others
     */
    public static function nearest(array $some, array $others): float
    {
        $nearest = 100.0;
        foreach ($some as $one) {
            foreach ($others as $other) {
                $nearest = min($nearest, self::$apart["$one->hex$other->hex"] ??= $one->differenceFrom($other));
            }
        }

        return $nearest;
    }

    /** @return list<string> the words of a name or a text that can be a theme, in the singular */
    public static function wordsOf(string $text): array
    {
        return self::$words[$text] ??= array_values(array_map(
            static fn (string $word): string => rtrim($word, 's'),
            array_filter(
                preg_split('/[^\p{L}]+/u', mb_strtolower($text)) ?: [],
                static fn (string $word): bool => mb_strlen($word) > 3,
            ),
        ));
    }
}
