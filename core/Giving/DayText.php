<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Kit\Occasion;

/**
 * What an entry of a calendar says of a person's day: "Ada Fenn's birthday", "Wedding of Ada and Bo", "Birthday: Ada".
 */
final readonly class DayText
{
    private const OCCASIONS = [
        'birthday' => 'birthday',
        'bday' => 'birthday',
        'b-day' => 'birthday',
        'wedding anniversary' => 'anniversary',
        'anniversary' => 'anniversary',
        'wedding' => 'wedding',
        'new baby' => 'new-baby',
        'baby' => 'new-baby',
        'new home' => 'new-home',
        'housewarming' => 'new-home',
        'moving day' => 'new-home',
        'get well' => 'get-well',
        'operation' => 'get-well',
        'funeral' => 'sympathy',
        'sympathy' => 'sympathy',
        'graduation' => 'graduation',
        'retirement' => 'retirement',
        'exam' => 'congratulations',
        'congratulations' => 'congratulations',
        'thank you' => 'thank-you',
        'christmas' => 'christmas',
        'engagement' => 'engagement',
        'farewell' => 'farewell',
        "mother's day" => 'mother',
        "father's day" => 'father',
    ];

    private function __construct(public string $who, public Occasion $occasion)
    {
    }

    /** Null if it is nobody's day, or not one for a card. */
    public static function read(string $summary): ?self
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', str_replace(['’', '–', '—'], ["'", '-', '-'], $summary)));
        foreach (self::OCCASIONS as $word => $occasion) {
            if (preg_match("/(?<![\p{L}])$word(?![\p{L}])/iu", $text) !== 1) {
                continue;
            }
            $who = self::name((string) preg_replace("/(?<![\p{L}])$word(?![\p{L}])/iu", ' ', $text, 1));

            return $who === '' ? null : new self(mb_substr($who, 0, 120), Occasion::of($occasion));
        }

        return null;
    }

    /** The name that is left of the text without the words round it: "Happy … of", "'s 40th", brackets, signs. */
    private static function name(string $rest): string
    {
        $rest = (string) preg_replace("/'s?(?=\s|$)/iu", ' ', $rest);
        $rest = (string) preg_replace('/(?<![\p{L}\d])(happy|\d{1,3}(st|nd|rd|th)?)(?![\p{L}\d])/iu', ' ', $rest);
        $rest = (string) preg_replace("/[^\p{L}\d\s.'&-]/u", ' ', $rest);
        $rest = (string) preg_replace('/^[\s-]*(the )?(of|for) /iu', '', trim($rest).' ');

        return trim((string) preg_replace('/\s+/u', ' ', $rest), ' -.');
    }
}
