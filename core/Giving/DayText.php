<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Kit\Occasion;

/** What an entry of a calendar says of somebody's day: "Ada Fenn's birthday", "Wedding of Ada and Bo", "Birthday: Ada". */
final readonly class DayText
{
    private const OCCASIONS = [
        'birthday' => Occasion::Birthday,
        'bday' => Occasion::Birthday,
        'b-day' => Occasion::Birthday,
        'wedding anniversary' => Occasion::Anniversary,
        'anniversary' => Occasion::Anniversary,
        'wedding' => Occasion::Wedding,
        'new baby' => Occasion::NewBaby,
        'baby' => Occasion::NewBaby,
        'new home' => Occasion::NewHome,
        'housewarming' => Occasion::NewHome,
        'moving day' => Occasion::NewHome,
        'get well' => Occasion::GetWell,
        'operation' => Occasion::GetWell,
        'funeral' => Occasion::Sympathy,
        'sympathy' => Occasion::Sympathy,
        'graduation' => Occasion::Graduation,
        'retirement' => Occasion::Retirement,
        'exam' => Occasion::Congratulations,
        'congratulations' => Occasion::Congratulations,
        'thank you' => Occasion::ThankYou,
        'christmas' => Occasion::Christmas,
        'engagement' => Occasion::Engagement,
        'farewell' => Occasion::Farewell,
        "mother's day" => Occasion::Mother,
        "father's day" => Occasion::Father,
    ];

    private function __construct(public string $who, public Occasion $occasion)
    {
    }

    /** Null where it is nobody's day, or none that a card is for. */
    public static function read(string $summary): ?self
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', str_replace(['’', '–', '—'], ["'", '-', '-'], $summary)));
        foreach (self::OCCASIONS as $word => $occasion) {
            if (preg_match("/(?<![\p{L}])$word(?![\p{L}])/iu", $text) !== 1) {
                continue;
            }
            $who = self::name((string) preg_replace("/(?<![\p{L}])$word(?![\p{L}])/iu", ' ', $text, 1));

            return $who === '' ? null : new self(mb_substr($who, 0, 120), $occasion);
        }

        return null;
    }

    /** What is left of the text is a name, once the words round it are off: "Happy … of", "'s 40th", brackets, signs. */
    private static function name(string $rest): string
    {
        $rest = (string) preg_replace("/'s?(?=\s|$)/iu", ' ', $rest);
        $rest = (string) preg_replace('/(?<![\p{L}\d])(happy|\d{1,3}(st|nd|rd|th)?)(?![\p{L}\d])/iu', ' ', $rest);
        $rest = (string) preg_replace("/[^\p{L}\d\s.'&-]/u", ' ', $rest);
        $rest = (string) preg_replace('/^[\s-]*(the )?(of|for) /iu', '', trim($rest).' ');

        return trim((string) preg_replace('/\s+/u', ' ', $rest), ' -.');
    }
}
