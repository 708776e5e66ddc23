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
    case ThinkingOfYou = 'thinking-of-you';
    case Encouragement = 'encouragement';
    case Friendship = 'friendship';
    case Love = 'love';
    case Engagement = 'engagement';
    case Anniversary = 'anniversary';
    case Graduation = 'graduation';
    case Retirement = 'retirement';
    case Farewell = 'farewell';
    case Mother = 'mother';
    case Father = 'father';
    case Child = 'child';
    case Christmas = 'christmas';
    case NewYear = 'new-year';
    case Easter = 'easter';
    case Autumn = 'autumn';
    case Halloween = 'halloween';
    case Winter = 'winter';

    public function label(): string
    {
        return match ($this) {
            self::Christmas, self::NewYear, self::Easter, self::Halloween => ucwords(str_replace('-', ' ', $this->value)),
            self::Mother => 'for a mother',
            self::Father => 'for a father',
            self::Child => 'for a child',
            default => str_replace('-', ' ', $this->value),
        };
    }

    /** One of those that every kit may be asked for; the others count where there are words for them. */
    public function isUsual(): bool
    {
        return in_array($this, array_slice(self::cases(), 0, 10), true);
    }

    /** @return non-empty-list<string> what words that are for it say */
    public function signs(): array
    {
        return match ($this) {
            self::Birthday => ['birthday', 'birthdays', 'another year', 'make a wish', 'many happy returns', 'bday'],
            self::ThankYou => ['thanks', 'thank you', 'grateful', 'gratitude', 'appreciate'],
            self::Hello => ['hello', 'hi', 'hey', 'just because', 'just a note', 'a little note', 'smile'],
            self::ThinkingOfYou => ['thinking of you', 'miss you', 'missing you', 'sending hugs', 'in my thoughts'],
            self::Encouragement => ['you can do it', 'keep going', 'you got this', 'you ve got this', 'be brave', 'one day at a time'],
            self::Friendship => ['friend', 'friends', 'friendship', 'glad you re here'],
            self::Love => ['love', 'i love you', 'valentine', 'sweetheart', 'xoxo', 'hugs and kisses'],
            self::Engagement => ['engaged', 'engagement', 'she said yes'],
            self::Anniversary => ['anniversary'],
            self::Graduation => ['graduation', 'graduate', 'class of', 'hats off'],
            self::Retirement => ['retirement', 'retired', 'happy retirement'],
            self::Farewell => ['farewell', 'goodbye', 'bon voyage', 'good luck'],
            self::Mother => ['mother', 'mum', 'mom', 'mummy', 'mommy', 'mother s day'],
            self::Father => ['father', 'dad', 'daddy', 'father s day'],
            self::Child => ['little boy', 'little girl', 'you are one', 'first day of school'],
            self::Sympathy => ['sympathy', 'condolences', 'sorry for your loss', 'with deepest', 'in loving memory'],
            self::Wedding => ['wedding', 'mr and mrs', 'happily ever after', 'tied the knot', 'just married', 'bride', 'groom'],
            self::NewHome => ['new home', 'home sweet home', 'housewarming', 'new house'],
            self::NewBaby => ['baby', 'little one', 'newborn', 'bundle of joy'],
            self::GetWell => ['get well', 'feel better', 'speedy recovery', 'well soon'],
            self::Congratulations => ['congratulations', 'congrats', 'well done', 'hooray', 'way to go', 'proud of you'],
            self::Season => ['season', 'season s greetings', 'holidays', 'happy holidays', 'peace on earth'],
            self::Christmas => ['christmas', 'merry', 'noel', 'xmas', 'santa', 'jolly'],
            self::NewYear => ['new year', 'cheers to'],
            self::Easter => ['easter', 'hoppy'],
            self::Autumn => ['autumn', 'fall', 'harvest', 'thanksgiving', 'grateful hearts'],
            self::Halloween => ['halloween', 'boo', 'trick or treat', 'spooky'],
            self::Winter => ['winter', 'let it snow', 'snow', 'warm and cosy'],
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
