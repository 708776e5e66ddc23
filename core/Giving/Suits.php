<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Singular;

/**
 * How well a card suits a person's day. A card of the same occasion comes first, then one for no occasion, then others.
 * Among equal ones come those with something the person likes, and then those with more stars.
 */
final readonly class Suits
{
    private const SAME = 100;

    private const FOR_NO_REASON = 40;

    private const LIKED = 8;

    /** Words that do not describe what somebody likes. */
    private const IDLE = ['and', 'the', 'all', 'her', 'his', 'not', 'with', 'but', 'for', 'likes', 'loves'];

    /** @param  list<string>  $liked  the words that are in both */
    private function __construct(public int $points, public array $liked, public bool $isOfOccasion)
    {
    }

    /**
     * @param  string  $likes  as the maker has written it: "the sea, blue, cats"
     * @param  string  $said  what is on the card, in words
     * @param  int  $stars  0 where it has none
     */
    public static function of(Occasion $wanted, string $likes, Occasion $card, string $said, int $stars): self
    {
        $isOfOccasion = $wanted->equals($card);
        $liked = self::inBoth($likes, $said);
        $points = ($isOfOccasion ? self::SAME : 0) + ($card->is('hello') ? self::FOR_NO_REASON : 0);

        return new self($points + self::LIKED * min(4, count($liked)) + $stars, $liked, $isOfOccasion);
    }

    /**
     * Whole words, singular or plural: "cats" matches one cat, and "pears" does not match pearls.
     *
     * @return list<string> as they are written in $likes
     */
    private static function inBoth(string $likes, string $said): array
    {
        $words = preg_split('/[^\p{L}\d]+/u', mb_strtolower($likes), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $there = Singular::ofAll($said);
        $isLiked = static fn (string $word): bool => mb_strlen($word) > 2
            && ! in_array($word, self::IDLE, true)
            && in_array(Singular::of($word), $there, true);

        return array_values(array_unique(array_filter($words, $isLiked)));
    }
}
