<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\LineParser;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;

/** The list of occasions: what ships, and how a maker changes it. */
final class OccasionsTest extends TestCase
{
    private const HERS = [
        ['key' => 'first-day-of-school', 'name' => 'first day of school', 'share' => 2, 'usual' => true],
        ['key' => 'birthday', 'name' => 'Geburtstag', 'share' => 6, 'usual' => true],
        ['key' => 'hello', 'name' => 'hello', 'share' => 0, 'usual' => false],
    ];

    protected function tearDown(): void
    {
        Occasions::from(static fn (): array => []);
    }

    public function test_own_occasions_come_first_under_their_names_and_those_that_ship_come_after(): void
    {
        self::assertSame('birthday', Occasions::keys()[0]);
        Occasions::from(static fn (): array => self::HERS);

        self::assertSame(['first-day-of-school', 'birthday', 'hello', 'thank-you'], array_slice(Occasions::keys(), 0, 4));
        self::assertSame(count(Occasions::shipped()) + 1, count(Occasions::all()));
        $birthday = Occasion::of('birthday');
        self::assertSame(['Geburtstag', 6, true], [$birthday->label(), $birthday->usualShare(), $birthday->isUsual()]);
        self::assertFalse(Occasion::of('hello')->isUsual());
        self::assertTrue(Occasions::named('geburtstag')?->is('birthday'));
        self::assertTrue(Occasions::named('First day of school')?->is('first-day-of-school'));
        self::assertNull(Occasions::named('name day'));
    }

    public function test_words_and_lines_know_own_occasions_and_words_for_any_suit_them_too(): void
    {
        $any = Words::of('sunshine', Occasions::all());
        Occasions::from(static fn (): array => self::HERS);

        self::assertTrue($any->fit(Occasion::of('first-day-of-school')), 'They were written before there was such an occasion.');
        $said = array_column(Words::asTheySay('Happy first day of school!')->occasions, 'value');
        self::assertSame(['first-day-of-school', 'child'], $said);
        $line = 'stamp "you are big now" for first day of school and birthday';
        $words = LineParser::parse($line, Unit::Inch, Size::parse('4', '5', Unit::Inch))[0]->words();
        self::assertSame(['first-day-of-school', 'birthday'], array_column($words->occasions ?? [], 'value'));
        self::assertFalse($words?->fit(Occasion::of('wedding')));
        $this->expectException(BadLine::class);
        LineParser::parse('stamp "you" for moon day', Unit::Inch, Size::parse('4', '5', Unit::Inch));
    }

    public function test_a_kit_file_says_what_does_not_ship_and_is_read_where_it_is_not_known(): void
    {
        Occasions::from(static fn (): array => self::HERS);
        $text = <<<'JSON'
            {"format": "keepshare/kit", "version": 1, "unit": "in", "name": "School", "front": {"width": "4 1/4", "height": "5 1/2"},
             "components": [
              {"id": "big", "kind": "stamp", "name": "Big", "count": 1, "size": {"width": "2", "height": "1/2"},
               "words": "you are big now", "occasions": ["first-day-of-school"]},
              {"id": "any", "kind": "stamp", "name": "Any", "count": 1, "size": {"width": "2", "height": "1/2"}, "words": "sunshine"}
             ]}
            JSON;
        $written = KitFile::write(KitFile::read($text));
        Occasions::from(static fn (): array => []);

        $read = KitFile::read($written);

        self::assertSame(['first-day-of-school'], array_column($read->occasions, 'key'));
        self::assertSame(['first day of school'], array_column($read->occasions, 'name'));
        [$big, $any] = $read->components;
        self::assertInstanceOf(Stamp::class, $big->good);
        self::assertTrue($big->words()?->fit(Occasion::of('first-day-of-school')));
        self::assertTrue($any->words()?->isForAny());
        Occasions::reread();
        $this->expectException(BadKit::class);
        KitFile::read($text);
    }
}
