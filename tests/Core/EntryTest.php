<?php

namespace Tests\Core;

use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\CsvLine;
use KeepShare\Core\Entry\CsvList;
use KeepShare\Core\Entry\LineParser;
use KeepShare\Core\Entry\PackingText;
use KeepShare\Core\Entry\ReadLine;
use KeepShare\Core\Entry\TitleLine;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Lines typed by hand, and lines of a table. */
final class EntryTest extends TestCase
{
    public function test_twelve_papers_two_of_each_with_both_faces(): void
    {
        $papers = self::parse('12 papers 6x6 x2 "wave / plank" busy|calm');

        self::assertCount(12, $papers);
        self::assertSame(['wave-plank-1', 'Wave / plank 1', 2], [$papers[0]->id, $papers[0]->name, $papers[0]->count]);
        $good = $papers[11]->good;
        self::assertInstanceOf(Paper::class, $good);
        self::assertSame('6 × 6', $good->size()->format(Unit::Inch));
        self::assertSame(
            [['wave', true], ['plank', false]],
            [
                [$good->faces()[0]->name, $good->faces()[0]->busy],
                [$good->faces()[1]->name, $good->faces()[1]->busy],
            ],
        );
    }

    /** @return list<array{string, Kind, string, int}> */
    public static function good(): array
    {
        return [
            ['cardstock 8.5x11 kelp x3', Kind::Cardstock, 'Kelp', 3],
            ['gems plenty', Kind::Embellishment, 'Gems', 1],
            ['ribbon 36in', Kind::Ribbon, 'Ribbon', Length::inches(36)->units],
            ['10 bases', Kind::Base, 'Base', 10],
            ['envelopes x10 cream', Kind::Envelope, 'Cream', 10],
            ['die cuts lantern 1 3/8 x 2 x2 #d9942e', Kind::DieCut, 'Lantern', 2],
            ['sentiment "many thanks" 2x1/2 x2 for thank-you', Kind::DieCut, 'Many thanks', 2],
            ['stamp "hello there" for hello', Kind::Stamp, 'Hello there', 1],
            ['vellum 210mm x 297mm x4', Kind::Cardstock, 'Vellum', 4],
            ['layered "tea time" x3', Kind::LayeredPicture, 'Tea time', 3],
            ['glue', Kind::Adhesive, 'Glue', 1],
            ['die circle 2x2', Kind::Tool, 'Circle', 1],
            ['panels 3x4 x6 harbour view', Kind::Panel, 'Harbour view', 6],
            ['foam 60', Kind::Foam, 'Foam', 60],
        ];
    }

    #[DataProvider('good')]
    public function test_reads_lines_as_they_are_jotted_down(string $line, Kind $kind, string $name, int $count): void
    {
        $component = self::parse($line)[0];

        self::assertSame([$kind, $name, $count], [$component->kind(), $component->name, $component->count]);
    }

    public function test_words_after_for_are_occasions_and_adjectives_are_understood(): void
    {
        self::assertSame(
            ['thank-you', 'hello'],
            array_column(self::parse('sentiment "many thanks" x2 for thank-you hello')[0]->words()->occasions ?? [], 'value'),
        );
        $stock = self::parse('cardstock heavy white x4 8 1/2x11')[0]->good;
        self::assertInstanceOf(Cardstock::class, $stock);
        self::assertSame(
            [Weight::Heavy, '#ffffff', '8 1/2 × 11'],
            [$stock->weight, $stock->front->hex, $stock->size()->format(Unit::Inch)],
        );
    }

    /** @return list<array{string, int, int, string}> line, where and how long the wrong word is, what is said */
    public static function bad(): array
    {
        return [
            ['', 0, 1, 'The line is empty'],
            ['frogs x2', 0, 5, '"frogs" is not a kind'],
            ['12', 0, 2, 'How many of what?'],
            ['-3 papers', 0, 2, '-3 is less than one'],
            ['paper x0', 6, 2, '0 is less than one'],
            ['papers 6xsix', 7, 5, '"6xsix" is neither a number, nor a size'],
            ['paper x1e9', 6, 4, '"x1e9" is neither'],
            ['paper "open', 6, 5, 'not closed'],
            ['cardstock 30x40 x2', 10, 5, 'larger than 24 in'],
            ['cardstock 0x6', 10, 3, 'above 0'],
            ['ribbon', 0, 6, 'How long is it?'],
            ['sentiment "x" for fun', 18, 3, '"fun" is not an occasion'],
            ['papers x501', 0, 6, 'more than 500 sheets'],
            ['gems 999999999999', 5, 12, 'is more than Keep Share holds'],
            ['papers 6x6', 0, 6, 'How many of each?'],
            ['die cuts lantern', 0, 3, 'How many of each?'],
            ['satin 1/4in wide 2 yards', 0, 5, '"satin" is not a kind'],
            ['papers 6x6 12x12 x2', 11, 5, 'There is a size already'],
            ['cardstock 10in x2', 10, 4, 'Write both sides'],
            ['paper 6x6mm x2', 6, 5, 'No sheet is as small'],
        ];
    }

    #[DataProvider('bad')]
    public function test_refuses_at_the_word(string $line, int $at, int $length, string $said): void
    {
        try {
            self::parse($line);
            self::fail('It was read.');
        } catch (BadLine $bad) {
            self::assertSame([$at, $length], [$bad->at, $bad->length], $bad->getMessage());
            self::assertStringContainsString($said, $bad->getMessage());
        }
    }

    /** @return iterable<string, array{string, string, string}> unit of the kit, the line, what it is read as */
    public static function lines(): iterable
    {
        foreach (file(__DIR__.'/lines.tsv', FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            [$unit, $line, $is] = explode("\t", $row);
            yield "$line ($unit)" => [$unit, $line, $is];
        }
    }

    #[DataProvider('lines')]
    public function test_lines_of_packing_lists_are_read_as_people_write_them(string $unit, string $line, string $is): void
    {
        $unit = Unit::from($unit);
        $front = $unit === Unit::Inch ? Size::parse('4 1/4', '5 1/2', $unit) : Size::parse('105', '148', $unit);
        try {
            $components = LineParser::parse($line, $unit, $front);
        } catch (BadLine $wrong) {
            self::assertSame($is, '! '.trim(mb_substr($line, $wrong->at, $wrong->length)), $wrong->getMessage());

            return;
        }
        $first = $components[0];
        $kinds = array_unique(array_map(static fn (Component $one): string => $one->kind()->value, $components));
        $count = match (true) {
            $first->good->isPlenty() => 'plenty',
            $first->kind()->isByLength() => Length::ofUnits($first->count)->label($unit),
            default => (string) $first->count,
        };
        $many = count($components) === 1 ? '' : count($components).' ';
        $said = [$many.implode('+', $kinds), $first->name, $first->good->extent()?->label($unit) ?? '', $count];
        self::assertSame($is, implode(' | ', $said));
    }

    public function test_what_comes_with_a_thing_is_a_line_of_its_own(): void
    {
        $size = static fn (Component $one): string => $one->good->extent()?->label(Unit::Inch) ?? '';
        $said = static fn (string $line): array => array_map(
            static fn (Component $one): string => "{$one->kind()->value} $one->name {$size($one)} x$one->count",
            LineParser::parse($line, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch)),
        );
        self::assertSame(
            ['base Note cards 5 × 7 in x8', 'envelope Kraft envelopes 5 1/4 × 7 1/4 in x10'],
            $said('note cards 5x7 x8 with 10 kraft envelopes'),
        );
        self::assertSame(
            ['base White card bases 4 1/4 × 5 1/2 in x10', 'envelope Envelope 4 1/2 × 5 3/4 in x10'],
            $said('10 white cards & envelopes'),
        );
        self::assertSame(
            ['cardstock Coral 8 1/2 × 11 in x1', 'cardstock Mint 8 1/2 × 11 in x1', 'cardstock Navy 8 1/2 × 11 in x1'],
            $said('3 cardstock sheets 8.5x11: coral, mint and navy'),
        );
        self::assertSame(
            ['stamp Meadow set 4 × 6 in x1', 'tool Meadow set dies  x1'],
            $said('stamp set "Meadow set" 4x6 with matching dies'),
        );
    }

    public function test_a_pasted_list_is_read_line_by_line_under_its_headings(): void
    {
        $lines = PackingText::read(
            "\u{FEFF}NOVEMBER KIT\n-----\nPatterned papers (6x6, 2 of each):\n• Wave\n• Plank / rope\nCardstock, 8.5 x 11\n- 2 kelp\n"
                ."\nDie cuts:\n * flowers x2\n * a bird\n1) 10 bases & 10 envelopes\n[ ] stamp set 4x6\nfrogs x2\n"
                ."Dewy Meadow card kit\nDie cuts:\n- acorn, 3\n- bows, 2\n24 enamel dots\nsix toads\n"
                ."Papers 6x6, two of each:\n- mittens, snow",
            Unit::Inch,
            Size::parse('4 1/4', '5 1/2', Unit::Inch),
            ['wave'],
        );
        $said = static fn (ReadLine $line): string => match (true) {
            $line->isHeading => 'heading',
            $line->fault !== null => "! {$line->word()}",
            default => implode(' + ', array_map(
                static fn (Component $one): string => "{$one->kind()->value} $one->id x$one->count",
                $line->components,
            )),
        };
        self::assertSame([
            1 => 'heading',
            3 => 'heading',
            4 => 'paper wave-2 x2',
            5 => 'paper plank-rope x2',
            6 => 'heading',
            7 => 'cardstock kelp x2',
            9 => 'heading',
            10 => 'die-cut flowers x2',
            11 => 'die-cut bird x1',
            12 => 'base base x10 + envelope envelope x10',
            13 => 'stamp stamp-set x1',
            14 => 'die-cut frogs x2',
            15 => 'heading',
            16 => 'heading',
            17 => 'die-cut acorn x3',
            18 => 'die-cut bows x2',
            19 => 'embellishment enamel-dots x24',
            20 => '! six',
            21 => 'heading',
            22 => 'paper mittens-snow x2',
        ], array_combine(array_column($lines, 'number'), array_map($said, $lines)));
    }

    public function test_a_heading_ends_when_another_kind_is_named_below_a_gap(): void
    {
        $list = "Papers, 6 x 6:\nstripe\ndots\n\n10 bases A2\n1 thingamabob";
        $lines = PackingText::read($list, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch));

        self::assertSame('Dots', $lines[2]->components[0]->name ?? '');
        self::assertStringContainsString('"thingamabob" is not a kind', $lines[4]->fault?->getMessage() ?? '');
    }

    public function test_a_list_with_plain_headings_and_names_alone_below_them_is_understood_whole(): void
    {
        $lines = PackingText::read(<<<'LIST'
            Harvest Lane kit, October, $32.50, 12 cards, A2

            Patterned paper (6x6, double-sided, 2 of each):
            1. Pumpkin patch / orange gingham
            2. Leaves / rust stripe
            3. Corn husk & ivory dots
            4. Barn wood - black grid
            Cardstock 8.5x11
            rust (3)
            ivory (4)
            forest green (2)
            black (1)
            Die cuts (28 pieces)
            pumpkin (4)
            acorn (4)
            maple leaf (6)
            "give thanks" (3)
            "hello fall" (3)
            "grateful" (2)
            wheelbarrow (2)
            frame (2)
            tag (2)
            Stickers
            12 leaves, 8 pumpkins
            "so thankful" x2
            Embellishments
            24 enamel dots, 3 colors
            1 pk sequins, copper
            2 yds rust velvet ribbon 1/4"
            10 wooden buttons
            1 sheet foam squares (60)
            10 ivory A2 card bases & 10 kraft envelopes
            Stamp set: "thanks", "hello", "happy fall", pumpkin, leaf
            Dies: stitched circles 1 1/2, 2, 2 1/2
            LIST, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch));

        self::assertSame([], array_filter($lines, static fn (ReadLine $line): bool => $line->fault !== null));
        $headings = array_filter($lines, static fn (ReadLine $line): bool => $line->isHeading);
        self::assertSame([1, 3, 8, 13, 23, 26], array_column($headings, 'number'));
        $components = array_merge(...array_column($lines, 'components'));
        $of = static fn (Kind $kind): array => array_filter($components, static fn (Component $one): bool => $one->kind() === $kind);
        self::assertSame(
            ['Pumpkin patch / orange gingham', 'Leaves / rust stripe', 'Corn husk / ivory dots', 'Barn wood / black grid'],
            array_column($of(Kind::Paper), 'name'),
        );
        self::assertSame([28, 10, 22], array_map(
            static fn (Kind $kind): int => array_sum(array_column($of($kind), 'count')),
            [Kind::DieCut, Kind::Cardstock, Kind::Sticker],
        ));
        $words = array_filter($components, static fn (Component $one): bool => $one->words() !== null && $one->kind() !== Kind::Stamp);
        self::assertSame(['Give thanks', 'Hello fall', 'Grateful', 'So thankful'], array_column($words, 'name'));
    }

    public function test_a_name_tells_how_a_paper_looks_on_either_face(): void
    {
        $sheet = static function (string $line): SheetGood {
            $good = self::parse($line)[0]->good;

            return $good instanceof SheetGood ? $good : self::fail("$line is no sheet.");
        };
        $faces = static fn (string $line): array => array_map(
            static fn (Face $face): array => [$face->motif, $face->ground()->hex, $face->busy],
            $sheet($line)->faces(),
        );
        self::assertSame(
            [[Motif::Plaid, '#9c2f2a', true], [Motif::Stripe, '#a9cfe0', false]],
            $faces('paper 6x6 "barn red plaid / sky stripe" x2'),
        );
        self::assertSame([Motif::Solid, '#c0643f', false], $faces('cardstock 8.5x11 terracotta x2')[0]);
        self::assertSame('#d4e7f0', $faces('cardstock 8.5x11 pale sky x2')[0][1]);
        self::assertSame([Motif::Daisies, true], [$faces('paper 6x6 "moss floral" x1')[0][0], $faces('paper 6x6 "moss floral" x1')[0][2]]);
        [$ground, $print] = $sheet('paper 6x6 "navy dots" x1')->faces()[0]->colours;
        self::assertGreaterThan(30, $ground->differenceFrom($print), 'the print shows on its ground');
    }

    public function test_what_stands_above_a_list_says_what_the_kit_is(): void
    {
        $said = static function (string $list): array {
            $title = TitleLine::above($list, 'EUR');
            $price = $title->price === null ? null : "{$title->price->minor} {$title->price->currency}";

            return [$title->name, $price, $title->cards, StandardFront::nameOf($title->front, $title->unit), $title->unit->value];
        };
        $lines = "\n12 papers 6x6 x2\n10 envelopes";
        self::assertSame(
            ['Cloud Pasture, February box', '2800 EUR', 10, 'A2', 'in'],
            $said("Cloud Pasture, February box, 28.00, about ten cards, A2$lines"),
        );
        self::assertSame(
            ['Harvest Lane kit, October', '3250 USD', 12, '5 × 7', 'in'],
            $said("Harvest Lane kit, October, $32.50, 12 cards, A7:$lines"),
        );
        self::assertSame(['Tidepool', '3400 GBP', 8, 'A6', 'mm'], $said("Tidepool, 34 gbp, 8 cards\n12 papers 150 x 150 mm x2"));
        self::assertSame(['A new kit', null, 10, 'A2', 'in'], $said("- 2 brads$lines"));
    }

    public function test_no_line_is_read_with_a_number_that_is_not_in_it(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $words = [
            'paper', 'papers', 'x2', '3', '6x6', '12in', 'two', 'of', 'each', 'ribbon', 'white', ',', 'and', '24', 'designs', 'A4', '(5)',
            'pack', 'brads', '2 yd', '"sea"', 'stickers', 'sheets', '1/2', 'wide', '-', 'assorted', 'foam', 'x', '½',
        ];
        $word = static fn (): string => $words[$random->getInt(0, count($words) - 1)];
        for ($n = 0; $n < 4_000; $n++) {
            $line = implode(' ', array_map($word, range(1, $random->getInt(1, 7))));
            try {
                $components = LineParser::parse($line, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch));
            } catch (BadLine $wrong) {
                self::assertLessThanOrEqual(mb_strlen($line), $wrong->at, $line);

                continue;
            }
            preg_match_all('/\d+/', str_replace('two', '2', $line), $found);
            $numbers = array_map(intval(...), $found[0]);
            $product = array_product(array_map(static fn (int $one): int => max(1, $one), $numbers));
            foreach ($components as $one) {
                $isUncounted = $one->kind()->isByLength() || $one->good->isPlenty() || $one->count === 1;
                self::assertTrue($isUncounted || $product % $one->count === 0, "$line: $one->count");
            }
        }
    }

    /** @return list<array{string, string}> */
    public static function sizes(): array
    {
        return [
            ['papers 12"x12" x2', '12 × 12 in'],
            ['paper 6"x6" "wave" x2', '6 × 6 in'],
            ['papers 15x15cm x2', '150 × 150 mm'],
            ['cardstock 210mmx297 x3', '210 × 297 mm'],
            ['papers 6x6in x2', '6 × 6 in'],
            ['papers 8½ x 11 in x2', '8 1/2 × 11 in'],
        ];
    }

    #[DataProvider('sizes')]
    public function test_a_unit_after_one_side_is_meant_for_both_in_any_kit(string $line, string $size): void
    {
        $said = str_ends_with($size, 'in') ? Unit::Inch : Unit::Millimetre;
        foreach (Unit::cases() as $unit) {
            $component = LineParser::parse($line, $unit, Size::parse('4', '5', Unit::Inch))[0];
            self::assertSame($size, $component->good->extent()?->label($said), "in a kit of $unit->value");
        }
    }

    public function test_ids_differ_from_those_there_are(): void
    {
        self::assertSame('kelp-3', Slug::unique('Kelp!', ['kelp', 'kelp-2']));
        self::assertSame('item-12-gems', Slug::unique('12 Gems', []));
        self::assertSame('ete-creme', Slug::unique('Été crème', []));
        self::assertSame('gems-2', self::parse('gems plenty', ['gems'])[0]->id);
    }

    public function test_a_table_reads_line_by_line(): void
    {
        $lines = CsvList::read(
            [
                [
                    'kind' => 'paper',
                    'name' => 'Geranium',
                    'count' => '2',
                    'width' => '6',
                    'height' => '6',
                    'colour' => '#fbefe9',
                    'motif' => 'sprig',
                    'busy' => 'yes',
                ],
                [
                    'kind' => 'Die cut',
                    'name' => 'many thanks',
                    'count' => '2',
                    'width' => '2',
                    'height' => '1/2',
                    'words' => 'many thanks',
                    'occasions' => 'thank-you, hello',
                ],
                ['kind' => 'embellishment', 'name' => 'Gems', 'count' => 'plenty'],
                ['kind' => 'ribbon', 'name' => 'String', 'length' => '40'],
                ['kind' => 'tool', 'name' => 'Circle', 'form' => 'punch', 'width' => '1', 'height' => '1'],
                ['kind' => 'envelope', 'name' => '=cmd()', 'count' => '3', 'width' => '4 3/8', 'height' => '5 3/4'],
            ],
            Unit::Inch,
        );

        self::assertSame([], array_merge(...array_map(static fn (CsvLine $line): array => $line->faults, $lines)));
        self::assertSame('=cmd()', $lines[5]->component?->name, 'a formula is only text');
        self::assertTrue($lines[2]->component?->isEndless());
    }

    public function test_a_line_with_a_fault_is_named_and_the_others_are_read(): void
    {
        $lines = CsvList::read([
            ['kind' => 'paper', 'name' => 'A', 'count' => '-3', 'width' => '6', 'height' => '6'],
            ['kind' => 'paper', 'name' => 'B', 'count' => 'two', 'width' => '6', 'height' => '6'],
            ['kind' => 'frog', 'name' => 'C'],
            ['kind' => 'base', 'name' => 'D', 'count' => '1e9', 'width' => '4', 'height' => '5'],
            ['kind' => 'base', 'name' => 'E', 'count' => '10', 'width' => '4 1/4', 'height' => '5 1/2'],
        ], Unit::Inch);

        self::assertStringContainsString('line 2.count: -3 is less than none', $lines[0]->faults[0]);
        self::assertStringContainsString('line 3.count: expected a whole number', $lines[1]->faults[0]);
        self::assertStringContainsString('line 4: "frog" is not a kind', $lines[2]->faults[0]);
        self::assertStringContainsString('line 5.count: expected a whole number', $lines[3]->faults[0]);
        self::assertSame('e', $lines[4]->component?->id);
    }

    /**
     * @param  list<string>  $taken
     * @return non-empty-list<Component>
     */
    private static function parse(string $line, array $taken = []): array
    {
        return LineParser::parse($line, Unit::Inch, Size::parse('4 1/4', '5 1/2', Unit::Inch), $taken);
    }
}
