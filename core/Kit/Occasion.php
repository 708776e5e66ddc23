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

    /** @return non-empty-list<string> what words that are for it say */
    public function signs(): array
    {
        return match ($this) {
            self::Birthday => ['birthday', 'birthdays', 'another year', 'make a wish', 'many happy returns', 'bday'],
            self::ThankYou => ['thanks', 'thank you', 'grateful', 'gratitude', 'appreciate'],
            self::Hello => ['hello', 'hi', 'hey', 'just because', 'thinking of you', 'miss you'],
            self::Sympathy => ['sympathy', 'condolences', 'sorry for your loss', 'with deepest', 'in loving memory'],
            self::Wedding => ['wedding', 'mr and mrs', 'happily ever after', 'tied the knot', 'just married', 'bride', 'groom'],
            self::NewHome => ['new home', 'home sweet home', 'housewarming', 'new house'],
            self::NewBaby => ['baby', 'little one', 'newborn', 'bundle of joy'],
            self::GetWell => ['get well', 'feel better', 'speedy recovery', 'well soon'],
            self::Congratulations => ['congratulations', 'congrats', 'well done', 'hooray', 'way to go', 'proud of you'],
            self::Season => ['christmas', 'merry', 'season', 'noel', 'holidays', 'new year', 'easter', 'peace on earth'],
        };
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
