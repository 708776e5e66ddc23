<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** What a card is sent for. A sentiment may fit several. */
enum Occasion: string
{
    case Birthday = 'birthday';
    case ThankYou = 'thank-you';
    case Hello = 'hello';
    case Sympathy = 'sympathy';
    case Wedding = 'wedding';
    case NewHome = 'new-home';
    case NewBaby = 'new-baby';
    case GetWell = 'get-well';
    case Congratulations = 'congratulations';
    case Season = 'season';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /**
     * How many of a dozen cards a maker usually wants for it, when she has not said otherwise:
     * birthdays most of all, then thanks and no reason at all, and one of each of the rest.
     */
    public function usualShare(): int
    {
        return match ($this) {
            self::Birthday => 4,
            self::ThankYou, self::Hello => 2,
            default => 1,
        };
    }
}
