<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** English words in the singular, so that "hearts" and "heart" are one. Other words stay as they are. */
final class Singular
{
    private const UNLIKE = [
        'leaves' => 'leaf', 'wolves' => 'wolf', 'knives' => 'knife', 'scarves' => 'scarf', 'shelves' => 'shelf', 'loaves' => 'loaf',
        'geese' => 'goose', 'mice' => 'mouse', 'children' => 'child', 'men' => 'man', 'women' => 'woman', 'cacti' => 'cactus',
        'dies' => 'die', 'ties' => 'tie', 'pies' => 'pie', 'lies' => 'lie', 'movies' => 'movie', 'cookies' => 'cookie',
        'buses' => 'bus', 'potatoes' => 'potato', 'tomatoes' => 'tomato', 'heroes' => 'hero',
    ];

    /** @param  string  $word  in small letters */
    public static function of(string $word): string
    {
        return self::UNLIKE[$word] ?? match (true) {
            mb_strlen($word) < 4, preg_match('/(?:ss|us|is|as)$/u', $word) === 1 => $word,
            str_ends_with($word, 'ies') => mb_substr($word, 0, -3).'y',
            preg_match('/(?:x|ch|sh|ss|zz)es$/u', $word) === 1 => mb_substr($word, 0, -2),
            default => (string) preg_replace('/s$/u', '', $word),
        };
    }

    /** @return list<string> the words of a text, each by its singular */
    public static function ofAll(string $text): array
    {
        $words = preg_split('/[^\p{L}\d]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(self::of(...), $words);
    }
}
