<?php

namespace Tests\Core;

use DateTimeImmutable;
use KeepShare\Core\Giving\BadDay;
use KeepShare\Core\Giving\Coming;
use KeepShare\Core\Giving\DayOfYear;
use KeepShare\Core\Giving\DayText;
use KeepShare\Core\Giving\Needs;
use KeepShare\Core\Giving\Post;
use KeepShare\Core\Giving\Suits;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Tally\Evenness;
use KeepShare\Core\Tally\RunOut;
use KeepShare\Core\Tally\UsedCost;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Who is given a card when, and what cards cost. */
final class GivingTest extends TestCase
{
    public function test_a_day_comes_every_year_or_once_and_the_last_of_february_is_kept(): void
    {
        $is = static fn (DayOfYear $day, string $from): ?string => $day->nextFrom(new DateTimeImmutable($from))?->format('Y-m-d');
        self::assertSame('2026-12-03', $is(DayOfYear::of(12, 3), '2026-12-03 23:59'), 'the day itself counts');
        self::assertSame('2027-12-03', $is(DayOfYear::of(12, 3), '2026-12-04'));
        self::assertSame('2027-01-02', $is(DayOfYear::of(1, 2), '2026-12-31'));
        self::assertSame('2027-02-28', $is(DayOfYear::of(2, 29), '2026-11-27'));
        self::assertSame('2028-02-29', $is(DayOfYear::of(2, 29), '2027-11-27'));
        self::assertSame('2026-12-03', $is(DayOfYear::of(12, 3, 2026), '2026-11-27'));
        self::assertNull($is(DayOfYear::of(12, 3, 2025), '2026-11-27'), 'what was once comes no more');
        self::assertSame('29 February, every year', DayOfYear::of(2, 29)->says());
        self::assertSame('3 December 2026', DayOfYear::of(12, 3, 2026)->says());
        foreach ([[2, 30, null], [2, 29, 2027], [13, 1, null], [0, 1, null], [4, 31, null]] as [$month, $day, $year]) {
            try {
                DayOfYear::of($month, $day, $year);
                self::fail("$day/$month/$year is a day");
            } catch (BadDay $wrong) {
                self::assertStringContainsString((string) $day, $wrong->getMessage());
            }
        }
    }

    public function test_the_next_of_a_day_is_never_past_and_within_a_year_whatever_the_day(): void
    {
        $random = new Randomizer(new Mt19937(26));
        for ($n = 0; $n < 400; $n++) {
            $from = new DateTimeImmutable('2024-01-01 +'.$random->getInt(0, 2_000).' days');
            $of = new DateTimeImmutable('2024-01-01 +'.$random->getInt(0, 365).' days');
            $next = DayOfYear::of((int) $of->format('n'), (int) $of->format('j'))->nextFrom($from);
            self::assertNotNull($next);
            self::assertGreaterThanOrEqual($from, $next);
            self::assertLessThanOrEqual(366, $from->diff($next)->days);
        }
    }

    public function test_a_card_is_sent_some_days_before_and_the_page_says_when_it_is_late(): void
    {
        $on = new DateTimeImmutable('2026-12-07');
        $coming = Coming::on(1, 'Ada', Occasion::of('birthday'), $on, 4, false);
        self::assertSame('send by Thu 3 Dec', $coming->sendSays(new DateTimeImmutable('2026-11-27')));
        self::assertSame('send it today', $coming->sendSays(new DateTimeImmutable('2026-12-03')));
        self::assertSame('late: it should have gone on Thu 3 Dec', $coming->sendSays(new DateTimeImmutable('2026-12-04')));
    }

    public function test_what_days_need_is_counted_and_what_is_in_hand_is_taken_off(): void
    {
        $day = static fn (int $id, Occasion $for, bool $has = false): Coming => Coming::on(
            $id, 'x', $for, new DateTimeImmutable('2026-12-07'), 4, $has,
        );
        $needs = Needs::of([
            $day(1, Occasion::of('wedding')),
            $day(2, Occasion::of('birthday')),
            $day(3, Occasion::of('birthday')),
            $day(4, Occasion::of('birthday'), true),
            $day(5, Occasion::of('get-well')),
        ]);
        self::assertSame('two birthday cards, one wedding card, one get well card', $needs->says());
        self::assertSame(4, $needs->all());
        $beyond = $needs->beyond(['birthday' => 1, 'wedding' => 5, 'hello' => 9]);
        self::assertSame(['birthday' => 1, 'get-well' => 1], $beyond->counts);
        self::assertSame('', Needs::of([])->says());
    }

    public function test_the_post_takes_it_as_the_thinnest_it_fits(): void
    {
        $limits = ['a parcel' => 25, 'a letter' => 3, 'thick' => 5];
        $post = Post::taking(array_map(
            static fn (string $name, int $mm): array => [$name, Length::millimetres($mm)],
            array_keys($limits),
            $limits,
        ));
        self::assertSame('about 3 mm: a letter', $post->says(Length::millimetres(3), Unit::Millimetre));
        self::assertSame('about 4 mm: thick', $post->says(Length::millimetres(4), Unit::Millimetre));
        self::assertStringStartsWith('about 1 in: too thick for the post', $post->says(Length::inches(1), Unit::Inch));
        self::assertSame('about 4 mm thick', Post::taking([])->says(Length::millimetres(4), Unit::Millimetre));
    }

    public function test_what_suits_a_day_is_its_occasion_then_what_is_liked_then_stars(): void
    {
        $suits = static fn (Occasion $card, string $said, int $stars): Suits => Suits::of(
            Occasion::of('birthday'), 'boats, gulls and cats; no glitter', $card, $said, $stars,
        );
        $order = [
            $suits(Occasion::of('birthday'), 'Boat at dusk, one gull', 1),
            $suits(Occasion::of('birthday'), 'A boat', 5),
            $suits(Occasion::of('birthday'), 'Pears', 5),
            $suits(Occasion::of('birthday'), 'Pears', 0),
            $suits(Occasion::of('hello'), 'Pears', 0),
            $suits(Occasion::of('wedding'), 'Boat, gull', 0),
        ];
        $points = array_map(static fn (Suits $one): int => $one->points, $order);
        $sorted = $points;
        rsort($sorted);
        self::assertSame($sorted, $points);
        self::assertSame(['boats', 'gulls'], $order[0]->liked);
        self::assertSame([], $suits(Occasion::of('birthday'), 'the land of plenty', 0)->liked, 'idle words are liked by nobody');
        $liked = static fn (string $likes, string $said): array => Suits::of(
            Occasion::of('birthday'), $likes, Occasion::of('hello'), $said, 0,
        )->liked;
        self::assertSame([], $liked('pears', 'Pearl sequins'), 'whole words only');
        self::assertSame(['leaf', 'berries'], $liked('leaf, berries', 'Leaves and a berry'), 'one or many');
    }

    /** @return iterable<string, array{string, string|null, string|null}> */
    public static function entries(): iterable
    {
        yield 'with an s' => ["Ada Fenn's birthday", 'Ada Fenn', 'birthday'];
        yield 'with of' => ['Birthday of Ada Fenn', 'Ada Fenn', 'birthday'];
        yield 'with a colon' => ['Birthday: Ada Fenn', 'Ada Fenn', 'birthday'];
        yield 'in brackets' => ['Ada Fenn (Birthday)', 'Ada Fenn', 'birthday'];
        yield 'how old' => ['🎂 Ada Fenn’s 40th birthday!', 'Ada Fenn', 'birthday'];
        yield 'an s at the end' => ["James' bday", 'James', 'birthday'];
        yield 'two of them' => ['Wedding of Ada & Bo Fenn', 'Ada & Bo Fenn', 'wedding'];
        yield 'no wedding but its day' => ["Mary-Jane O'Neill: Wedding Anniversary", "Mary-Jane O'Neill", 'anniversary'];
        yield 'nobody' => ['Birthday', null, null];
        yield 'no day for a card' => ['Dentist', null, null];
        yield 'a word within a word' => ['Babysitter Ada', null, null];
    }

    #[DataProvider('entries')]
    public function test_entries_of_calendars_are_read_as_people_write_them(string $entry, ?string $who, ?string $occasion): void
    {
        $read = DayText::read($entry);
        self::assertSame([$who, $occasion], [$read?->who, $read?->occasion->value]);
    }

    public function test_what_the_stash_added_costs_by_what_is_bought_at_a_time(): void
    {
        $kit = KitFile::read((string) file_get_contents(dirname(__DIR__, 2).'/database/demo/harbour-lanterns.json'));
        $of = array_column($kit->components, null, 'id');
        $paper = $of['wave']->good;
        self::assertInstanceOf(SheetGood::class, $paper);
        $half = Size::of(Length::inches(3), Length::inches(6));
        self::assertSame(50, UsedCost::ofPieces($paper, 100, [$half]));
        self::assertSame(100, UsedCost::ofPieces($paper, 100, [$half, $half]));
        self::assertSame(30, UsedCost::ofCount($of['base'], 100, 3), 'ten bases at a time');
        $isOfTwo = static fn (Component $one): bool => $one->good instanceof DieCut && $one->count === 2;
        $die = array_values(array_filter($kit->components, $isOfTwo))[0];
        self::assertSame(50, UsedCost::ofCount($die, 99, 1), 'half a coin up');
        self::assertSame(0, UsedCost::ofCount($of['wave'], 0, 0));
    }

    public function test_what_ran_out_first_and_whether_it_went_evenly(): void
    {
        $first = RunOut::first([
            'a' => ['all' => 4, 'takes' => [5 => 1, 1 => 2, 2 => 1]],
            'b' => ['all' => 3, 'takes' => [4 => 1, 2 => 1, 3 => 1]],
            'c' => ['all' => 9, 'takes' => [1 => 1, 2 => 1, 3 => 1]],
            'one of its kind' => ['all' => 1, 'takes' => [1 => 1]],
            'two of it' => ['all' => 2, 'takes' => [1 => 1, 2 => 1]],
        ]);
        self::assertSame(['b', 4], [$first?->component, $first?->card]);
        self::assertNull(RunOut::first(['a' => ['all' => 3, 'takes' => [1 => 2]]]));
        $uneven = Evenness::says(['Bases' => 100, 'Cardstock' => 7]);
        self::assertSame('Most is left of cardstock (7 % used), least of bases (100 %).', $uneven);
        self::assertStringContainsString('evenly: 70 to 85 %', Evenness::says(['Papers' => 85, 'Cuts' => 70]));
        self::assertSame('', Evenness::says(['Papers' => 85]));
    }
}
