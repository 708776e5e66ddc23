<?php

declare(strict_types=1);

namespace KeepShare\Core\Compose;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Glyph;
use KeepShare\Core\Kit\Occasion;

/** What letters and figures spell together: a word that suits the occasion, or an age on a birthday. */
final class Spelling
{
    /** @var array<string, list<string>> by the value of the occasion, the likeliest first */
    private const WORDS = [
        'birthday' => ['HAPPY', 'PARTY', 'CHEERS', 'YAY', 'WISH', 'JOY', '18', '21', '30', '40', '50', '60', '70', '80', '90', '1', '5'],
        'thank-you' => ['THANKS', 'MERCI', 'TA'],
        'hello' => ['HELLO', 'HEY', 'HI', 'SMILE', 'HUGS', 'LOVE'],
        'sympathy' => ['PEACE', 'HUGS', 'LOVE'],
        'wedding' => ['LOVE', 'JOY', 'I DO', 'US'],
        'new-home' => ['HOME', 'KEYS', 'JOY'],
        'new-baby' => ['BABY', 'LOVE', 'HI', 'JOY'],
        'get-well' => ['HUGS', 'REST', 'SMILE'],
        'congratulations' => ['HOORAY', 'BRAVO', 'YAY', 'JOY', 'WOW'],
        'season' => ['JOY', 'NOEL', 'MERRY', 'PEACE', 'SNOW'],
        'thinking-of-you' => ['HUGS', 'HELLO', 'SMILE', 'LOVE'],
        'encouragement' => ['BRAVE', 'SMILE', 'HOPE', 'SHINE'],
        'friendship' => ['FRIEND', 'HUGS', 'SMILE', 'JOY'],
        'love' => ['LOVE', 'XOXO', 'US', 'HUGS'],
        'engagement' => ['YES', 'LOVE', 'JOY', 'HOORAY'],
        'anniversary' => ['LOVE', 'CHEERS', 'US', 'JOY', '25', '50'],
        'graduation' => ['BRAVO', 'HOORAY', 'WOW', 'YAY'],
        'retirement' => ['CHEERS', 'ENJOY', 'HOORAY'],
        'farewell' => ['CIAO', 'HUGS', 'CHEERS'],
        'mother' => ['MUM', 'MOM', 'LOVE', 'HUGS'],
        'father' => ['DAD', 'LOVE', 'HUGS'],
        'child' => ['YAY', 'FUN', 'WOW', 'HI', '1', '5'],
        'christmas' => ['NOEL', 'JOY', 'MERRY', 'PEACE', 'JOLLY'],
        'new-year' => ['CHEERS', 'JOY', 'YAY', 'WISH'],
        'easter' => ['EASTER', 'JOY', 'HOP', 'SPRING'],
        'autumn' => ['FALL', 'THANKS', 'COSY', 'HELLO'],
        'halloween' => ['BOO', 'EEK', 'TREAT'],
        'winter' => ['SNOW', 'COSY', 'WARM', 'JOY'],
    ];

    /** The first word of the right length for which there are enough letters. Null if there is none. */
    public static function of(Arrangement $arrangement, Occasion $occasion, Pool $pool): ?string
    {
        $long = count(array_filter($arrangement->spots, static fn (Spot $spot): bool => $spot->stands === Stands::Letter));
        foreach ($long === 0 ? [] : self::WORDS[$occasion->value] as $word) {
            $letters = str_replace(' ', '', $word);
            if (strlen($letters) === $long && self::isThere($letters, $pool)) {
                return $letters;
            }
        }

        return null;
    }

    /** Whether it is the letter for a place of the word. */
    public static function isAt(Component $component, Spot $spot, ?string $word): bool
    {
        $nth = (int) substr($spot->id, strlen(Pieces::letter(0)) - 1);

        return $word !== null && Glyph::of($component) === ($word[$nth - 1] ?? null);
    }

    private static function isThere(string $letters, Pool $pool): bool
    {
        $have = [];
        foreach ($pool->components as $component) {
            $glyph = Glyph::of($component);
            $have[$glyph ?? ''] = ($have[$glyph ?? ''] ?? 0) + $pool->left($component->id);
        }
        foreach (array_count_values(str_split($letters)) as $letter => $many) {
            if (($have[$letter] ?? 0) < $many) {
                return false;
            }
        }

        return true;
    }
}
