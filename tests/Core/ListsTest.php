<?php

namespace Tests\Core;

use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\LeftOver;
use KeepShare\Core\Entry\LineParser;
use KeepShare\Core\Entry\PackingText;
use KeepShare\Core\Entry\ReadLine;
use KeepShare\Core\Entry\TitleLine;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whole packing lists in the styles of different makers and shops. */
final class ListsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function lists(): iterable
    {
        foreach (glob(__DIR__.'/lists/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [$file];
        }
    }

    #[DataProvider('lists')]
    public function test_a_list_is_read_as_it_was_meant(string $file): void
    {
        $lines = self::read((string) file_get_contents($file));

        self::assertSame(
            trim((string) file_get_contents(str_replace('.txt', '.read', $file))),
            implode("\n", array_map(self::said(...), $lines)),
        );
    }

    public function test_nineteen_of_twenty_lines_are_understood(): void
    {
        $lines = array_merge(...array_map(
            static fn (array $list): array => self::read((string) file_get_contents($list[0])),
            array_values(iterator_to_array(self::lists())),
        ));
        $things = array_filter($lines, static fn (ReadLine $line): bool => ! $line->isHeading);
        $refused = array_filter($things, static fn (ReadLine $line): bool => $line->fault !== null);

        self::assertGreaterThan(300, count($things));
        self::assertLessThanOrEqual(count($things), 20 * count($refused));
    }

    public function test_every_word_and_number_of_a_line_is_shown_or_left_over(): void
    {
        $random = new Randomizer(new Mt19937(32));
        $one = static fn (array $of): string => (string) $of[$random->getInt(0, count($of) - 1)];
        $names = ['zibble', 'quonk', 'fernlike', 'old barn', 'moss', 'lily', 'seed packet', 'clover pots', 'round', 'tiny'];
        $kinds = [
            'papers', 'cardstock', 'die cuts', 'stickers', 'brads', 'gems', 'ribbon', 'twine', 'stamp set', 'dies', 'foam squares',
            'A2 card bases', 'envelopes', 'tags', 'sequins', 'chipboard', 'vellum', 'sentiments', 'washi tape', 'buttons',
        ];
        $extras = [
            '6x6', '8.5x11', '12 x 12', '3/8"', '2 yds', '15mm x 10m', '"so glad"', '(13)', 'x7', '17 pieces', '2 of each', '11 designs',
            'heavy', 'double-sided', '1 sheet', '2 packs', 'assorted', 'for birthday', '110 lb', '4x6 sheet', 'with envelopes', 'plenty',
        ];
        $between = [' ', ', ', ' - ', ': ', ' & ', '; ', ' and '];
        $understood = 0;
        for ($n = 0; $n < 3_000; $n++) {
            $line = '';
            for ($i = $random->getInt(2, 6); $i > 0; $i--) {
                $word = $one([$one($names), $one($names), $one($kinds), $one($extras), $one(['3', '5', '19'])]);
                $line .= ($line === '' ? '' : $one($between)).$word;
            }
            try {
                $components = LineParser::parse($line, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch));
            } catch (BadLine) {
                continue;
            }
            $understood++;
            $left = implode(' ', LeftOver::of($line, $components, Unit::Inch));
            foreach (explode(' ', implode(' ', $names)) as $word) {
                $isSaid = preg_match("/\\b$word\\b/", $line) !== 1 || self::shows($components, rtrim($word, 's'))
                    || str_contains($left, $word);
                self::assertTrue($isSaid, "$line: $word of ".json_encode(array_column($components, 'name'))." and \"$left\"");
            }
            foreach ([19, 13, 17, 7, 11] as $number) {
                $isSaid = preg_match("/(?:^|[\\s(]|\\bx)$number\\b/", $line) !== 1 || self::counts($components, $number)
                    || preg_match("/\\b$number\\b/", $left) === 1;
                self::assertTrue($isSaid, "$line: $number of ".json_encode(array_column($components, 'count'))." and \"$left\"");
            }
        }
        self::assertGreaterThan(500, $understood);
    }

    public function test_the_page_for_makers_says_what_is_understood(): void
    {
        $page = (string) file_get_contents(dirname(__DIR__, 2).'/docs/writing-a-list.md');
        self::assertGreaterThanOrEqual(30, preg_match_all('/^\| `(.+?)` \| (.+?) \|$/m', $page, $rows));
        foreach ($rows[1] as $i => $line) {
            $components = LineParser::parse($line, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch));
            $things = array_map(self::thing(...), array_slice($components, 0, 2));
            $more = count($components) > 2 ? '; … '.count($components).' in all' : '';
            self::assertSame($rows[2][$i], implode('; ', $things).$more, $line);
        }
    }

    public function test_spaces_and_strokes_of_web_pages_are_read_as_those_of_the_keyboard(): void
    {
        $lines = self::read("Card\u{00AD}stock\u{00A0}8\u{202F}1⁄2\u{00A0}x\u{2009}11:\r\n2\u{00A0}moss\r\n\u{200B}3 oat\r\n");

        self::assertSame(
            ['1 # Cardstock 8 1/2 x 11:', '2 cardstock "Moss" 8 1/2 × 11 in x2', '3 cardstock "Oat" 8 1/2 × 11 in x3'],
            array_map(self::said(...), $lines),
        );
    }

    public function test_unused_words_are_left_over(): void
    {
        $left = static fn (string $line): array => LeftOver::of(
            $line,
            LineParser::parse($line, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch)),
            Unit::Inch,
        );

        self::assertSame(['4 × 6'], $left('1 sheet puffy stickers 4x6 (24)'));
        self::assertSame(['Shaker'], $left('Shaker: 3 acetate circles 2 1/2", 6 foam squares'));
        self::assertSame(['4'], $left('Metal dies: nested ovals (4), small leaf'));
        self::assertSame([], $left('8 sheets 6x6 double-sided, 2 each of 4: clover/stripe, sheep/dots, sky/plaid, hay/grid'));
        self::assertSame([], $left('2 yds 3/8" barn red gingham ribbon'));
    }

    public function test_a_heading_that_says_how_many_is_summed(): void
    {
        $lines = self::read("Die cuts (12 pieces)\newe x4\nlamb x6\nCardstock 8.5x11, 4 sheets\nmoss 1\noat 3\n");
        $sums = array_filter(array_column($lines, 'sum'));

        self::assertSame([12, 4], array_column($sums, 'said'));
        self::assertSame([10, 4], array_column($sums, 'understood'));
    }

    /** @return list<ReadLine> */
    private static function read(string $list): array
    {
        $title = TitleLine::above($list, 'USD');

        return PackingText::read($list, $title->unit, $title->front);
    }

    private static function said(ReadLine $line): string
    {
        $sum = $line->sum === null ? '' : " = {$line->sum->said}/{$line->sum->understood}";
        $left = $line->leftOver === [] ? '' : ' + '.implode(' ', $line->leftOver);
        $says = match (true) {
            $line->isHeading => "# $line->text",
            $line->fault !== null => "! {$line->word()}",
            default => implode('; ', array_map(self::thing(...), $line->components)),
        };

        return "$line->number $says$sum$left";
    }

    private static function thing(Component $one): string
    {
        $size = $one->good->extent()?->label(Unit::Inch);
        $many = match (true) {
            $one->isEndless() => '',
            $one->kind()->isByLength() => Length::ofUnits($one->count)->label(Unit::Inch),
            default => "x$one->count",
        };

        return implode(' ', array_filter([$one->kind()->value, "\"$one->name\"", $size, $many]));
    }

    /** @param  list<Component>  $components */
    private static function shows(array $components, string $name): bool
    {
        foreach ($components as $one) {
            $faces = $one->good instanceof SheetGood ? array_column($one->good->faces(), 'name') : [];
            if (str_contains(mb_strtolower(implode(' ', [$one->name, ...$faces])), $name)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Component>  $components */
    private static function counts(array $components, int $number): bool
    {
        $counts = array_column($components, 'count');
        $named = implode(' ', array_column($components, 'name'));

        return count($components) === $number || array_sum($counts) === $number || preg_match("/\\b$number\\b/", $named) === 1
            || array_filter($counts, static fn (int $count): bool => $count % $number === 0) !== [];
    }
}
