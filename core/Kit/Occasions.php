<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use Closure;

/**
 * All occasions in the maker's order: those that ship, which may be renamed, and those that were added. The list is one
 * for the whole program. Its source is set once, and it is read when it is first needed.
 *
 * @phpstan-type OccasionFields array{key: string, name: string, share: int, usual: bool}
 */
final class Occasions
{
    /**
     * By key: the name, how many of some fifteen cards a maker sends for it in a year, whether every kit is asked for
     * it or only if there are words for it, and the words that mention it.
     */
    private const SHIPPED = [
        'birthday' => [
            'birthday',
            4,
            true,
            ['birthday', 'birthdays', 'another year', 'make a wish', 'many happy returns', 'bday'],
        ],
        'thank-you' => [
            'thank you',
            2,
            true,
            ['thanks', 'thank you', 'grateful', 'gratitude', 'appreciate'],
        ],
        'hello' => [
            'hello',
            2,
            true,
            ['hello', 'hi', 'hey', 'just because', 'just a note', 'a little note', 'smile'],
        ],
        'sympathy' => [
            'sympathy',
            1,
            true,
            ['sympathy', 'condolences', 'sorry for your loss', 'with deepest', 'in loving memory'],
        ],
        'wedding' => [
            'wedding',
            1,
            true,
            ['wedding', 'mr and mrs', 'happily ever after', 'tied the knot', 'just married', 'bride', 'groom'],
        ],
        'new-home' => [
            'new home',
            1,
            true,
            ['new home', 'home sweet home', 'housewarming', 'new house'],
        ],
        'new-baby' => ['new baby', 1, true, ['baby', 'little one', 'newborn', 'bundle of joy']],
        'get-well' => [
            'get well',
            1,
            true,
            ['get well', 'feel better', 'speedy recovery', 'well soon'],
        ],
        'congratulations' => [
            'congratulations',
            1,
            true,
            ['congratulations', 'congrats', 'well done', 'hooray', 'way to go', 'proud of you'],
        ],
        'season' => [
            'season',
            1,
            true,
            ['season', 'season s greetings', 'holidays', 'happy holidays', 'peace on earth'],
        ],
        'thinking-of-you' => [
            'thinking of you',
            1,
            false,
            ['thinking of you', 'miss you', 'missing you', 'sending hugs', 'in my thoughts'],
        ],
        'encouragement' => [
            'encouragement',
            1,
            false,
            ['you can do it', 'keep going', 'you got this', 'you ve got this', 'be brave', 'one day at a time'],
        ],
        'friendship' => [
            'friendship',
            1,
            false,
            ['friend', 'friends', 'friendship', 'glad you re here'],
        ],
        'love' => [
            'love',
            1,
            false,
            ['love', 'i love you', 'valentine', 'sweetheart', 'xoxo', 'hugs and kisses'],
        ],
        'engagement' => ['engagement', 1, false, ['engaged', 'engagement', 'she said yes']],
        'anniversary' => ['anniversary', 1, false, ['anniversary']],
        'graduation' => [
            'graduation',
            1,
            false,
            ['graduation', 'graduate', 'class of', 'hats off'],
        ],
        'retirement' => ['retirement', 1, false, ['retirement', 'retired', 'happy retirement']],
        'farewell' => ['farewell', 1, false, ['farewell', 'goodbye', 'bon voyage', 'good luck']],
        'mother' => [
            'for a mother',
            1,
            false,
            ['mother', 'mum', 'mom', 'mummy', 'mommy', 'mother s day'],
        ],
        'father' => ['for a father', 1, false, ['father', 'dad', 'daddy', 'father s day']],
        'child' => [
            'for a child',
            1,
            false,
            ['little boy', 'little girl', 'you are one', 'first day of school'],
        ],
        'christmas' => [
            'Christmas',
            1,
            false,
            ['christmas', 'merry', 'noel', 'xmas', 'santa', 'jolly'],
        ],
        'new-year' => ['New Year', 1, false, ['new year', 'cheers to']],
        'easter' => ['Easter', 1, false, ['easter', 'hoppy']],
        'autumn' => [
            'autumn',
            1,
            false,
            ['autumn', 'fall', 'harvest', 'thanksgiving', 'grateful hearts'],
        ],
        'halloween' => ['Halloween', 1, false, ['halloween', 'boo', 'trick or treat', 'spooky']],
        'winter' => ['winter', 1, false, ['winter', 'let it snow', 'snow', 'warm and cosy']],
    ];

    /** @var (Closure(): list<OccasionFields>)|null */
    private static ?Closure $source = null;

    /** @var array<string, OccasionFields>|null */
    private static ?array $list = null;

    /** @param  Closure(): list<OccasionFields>  $source  the maker's list; what ships and is not in it comes after it */
    public static function from(Closure $source): void
    {
        self::$source = $source;
        self::reread();
    }

    /** The maker's list may have changed since it was read. */
    public static function reread(): void
    {
        self::$list = null;
    }

    /**
     * An occasion of another maker. From here on it is known, under its own name if it is new.
     *
     * @return OccasionFields
     */
    public static function met(string $key, string $name): array
    {
        $list = self::list();
        $list[$key] ??= ['key' => $key, 'name' => $name, 'share' => 1, 'usual' => false];
        self::$list = $list;

        return $list[$key];
    }

    /** @return list<Occasion> */
    public static function all(): array
    {
        return array_map(Occasion::of(...), array_keys(self::list()));
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::list());
    }

    /** @return list<OccasionFields> */
    public static function fields(): array
    {
        return array_values(self::list());
    }

    /** By its key, or by its name: "thank-you", "Name day". */
    public static function named(string $name): ?Occasion
    {
        $list = self::list();
        if (isset($list[$name])) {
            return Occasion::of($name);
        }
        $key = Slug::of($name);
        foreach ($list as $one) {
            if ($one['key'] === $key || Slug::of($one['name']) === $key) {
                return Occasion::of($one['key']);
            }
        }

        return null;
    }

    public static function isShipped(string $key): bool
    {
        return isset(self::SHIPPED[$key]);
    }

    /** @return non-empty-list<string> keys of those that ship */
    public static function shipped(): array
    {
        return array_keys(self::SHIPPED);
    }

    /** @return OccasionFields  one of another maker is called by its key */
    public static function about(string $key): array
    {
        return self::list()[$key] ?? ['key' => $key, 'name' => str_replace('-', ' ', $key), 'share' => 1, 'usual' => false];
    }

    /** @return list<string> what words that are for it say: of those that were added, what they are called */
    public static function signsOf(string $key): array
    {
        return self::SHIPPED[$key][3] ?? [trim((string) preg_replace('/[^\p{L}]+/u', ' ', mb_strtolower(self::about($key)['name'])))];
    }

    /** @return array<string, OccasionFields> */
    private static function list(): array
    {
        if (self::$list !== null) {
            return self::$list;
        }
        $list = [];
        foreach (self::$source === null ? [] : (self::$source)() as $one) {
            $list[$one['key']] = $one;
        }
        foreach (self::SHIPPED as $key => [$name, $share, $usual]) {
            $list[$key] ??= ['key' => $key, 'name' => $name, 'share' => $share, 'usual' => $usual];
        }

        return self::$list = $list;
    }
}
