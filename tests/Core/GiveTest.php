<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\OtherThanDrawn;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchReader;
use KeepShare\Core\Sketch\SketchWriter;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Measures that give by marks of the ruler, and cardstock in place of a calm paper, where paper is short. */
final class GiveTest extends TestCase
{
    /** @return array<string, array{string, Unit, int, string}> text, ruler, marks leaner, what it is then on a side of 4 in */
    public static function measures(): array
    {
        return [
            'as it is drawn' => ['1, gives -2 to 4', Unit::Inch, 0, '1'],
            'a mark leaner' => ['1, gives -2 to 4', Unit::Inch, 1, '15/16'],
            'no leaner than it gives' => ['1, gives -2 to 4', Unit::Inch, 9, '7/8'],
            'fuller' => ['1, gives -2 to 4', Unit::Inch, -3, '1 3/16'],
            'a reveal is leaner when it is longer' => ['1/8, gives 1 to 0', Unit::Inch, 2, '3/16'],
            'by the ruler it is cut by' => ['1 in; 25 mm, gives −2 to 4', Unit::Millimetre, 2, '23'],
            'a share of a side' => ['5/16 of it, gives -4 to 0', Unit::Inch, 4, '1'],
            'changed already' => ['1 in, gives -2 to 4, now -2', Unit::Inch, 0, '1'],
        ];
    }

    #[DataProvider('measures')]
    public function test_a_measure_gives_by_whole_marks_of_the_ruler(string $text, Unit $unit, int $leaner, string $is): void
    {
        $dim = Dim::parse($text, $unit)->leanerBy($leaner);
        $again = Dim::parse($dim->write(), Unit::Millimetre);

        self::assertSame($is, $dim->of(Length::inches(4), $unit)->format($unit));
        self::assertEquals($dim, $again, 'what is written is read back');
    }

    /** @return list<array{string}> */
    public static function nonsense(): array
    {
        return [['1, gives'], ['1, gives 2 to 4'], ['1, gives -9 to 0'], ['1, gives -1 to 1, now 3'], ['1, gives a little']];
    }

    #[DataProvider('nonsense')]
    public function test_how_far_it_gives_is_read_or_refused_in_words(string $text): void
    {
        $this->expectException(BadMeasure::class);
        $this->expectExceptionMessage('Write marks of the ruler');

        Dim::parse($text, Unit::Inch);
    }

    public function test_every_leaner_manner_of_every_sketch_lies_on_every_front_and_takes_less_paper(): void
    {
        $many = 0;
        foreach (Sketches::all() as $sketch) {
            foreach ($sketch->leaner() as $leaner) {
                self::assertEquals($sketch, $leaner->asDrawn(), 'it can be put back');
                self::assertEquals($leaner, SketchReader::read(SketchWriter::write($leaner), Unit::Inch), 'it is kept with its card');
                foreach ([StandardFront::A2, StandardFront::A6, StandardFront::FiveBySeven] as $front) {
                    $unit = $front === StandardFront::A6 ? Unit::Millimetre : Unit::Inch;
                    foreach ([$front->size(), $front->size()->turned()] as $way) {
                        $many++;
                        $less = array_sum(Areas::of($leaner->resolve($way, $unit)));
                        $drawn = array_sum(Areas::of($sketch->resolve($way, $unit)));
                        self::assertLessThanOrEqual($drawn, $less, "$leaner->manner on $front->value");
                    }
                }
            }
        }
        self::assertGreaterThan(100, $many);
    }

    public function test_strips_give_where_more_then_come_out_of_a_sheet_and_the_card_says_so(): void
    {
        // 4 1/4 × 5 in: six strips of 3/4 in, eight of 5/8.
        $table = self::table(8, ['paper' => self::paper('4 1/4', '5')], 'narrow-border');
        $cards = Stretch::most($table);

        self::assertCount(8, $cards);
        self::assertSame(8, ColumnGeneration::on($table)->bound->cards);
        self::assertTrue(Engine::plan($table->stock['paper'], Card::piecesOf($cards)['paper'])->isComplete());
        foreach ($cards as $card) {
            $findings = (new OtherThanDrawn)->look(CardInHand::of($card, $table->components, $table->unit, $cards));
            self::assertStringContainsString('the border is 4 1/4 × 5/8 in, drawn 4 1/4 × 3/4 in', $findings[0]->says);
            self::assertTrue($findings[0]->isHint);
            self::assertSame(['sketch' => 'narrow-border'], $findings[0]->repairs[0]->with);
        }
    }

    public function test_what_need_not_give_stays_as_it_is_drawn_or_fills_the_sheet(): void
    {
        $six = Stretch::most(self::table(6, ['paper' => self::paper('4 1/4', '5')], 'narrow-border'));
        $five = Stretch::most(self::table(5, ['paper' => self::paper('4 1/4', '5')], 'narrow-border'));
        $strips = static fn (array $cards): array => array_values(array_unique(array_map(
            static fn (Card $card): string => (string) $card->taking('border')?->size?->format(Unit::Inch),
            $cards,
        )));

        self::assertCount(6, $six);
        self::assertSame(['4 1/4 × 3/4'], $strips($six));
        self::assertCount(5, $five);
        self::assertSame(['4 1/4 × 3/4'], $strips($five), 'nothing is stretched that need not be');
    }

    public function test_cardstock_stands_where_a_calm_paper_may(): void
    {
        // There is paper for the columns only: no panel of 2 5/8 in can be cut beside them.
        $sheets = ['paper' => self::paper('4', '5 1/4'), 'white' => self::white(), 'cream' => self::white()];
        $table = self::table(4, $sheets, 'column-and-field');
        $cards = Stretch::most($table);

        self::assertCount(4, $cards);
        foreach ($cards as $card) {
            self::assertContains($card->taking('field')?->component, ['white', 'cream']);
            self::assertSame('paper', $card->taking('column')?->component);
            self::assertSame(Role::Plain, $card->sketch->part('field')?->role);
            $says = (new OtherThanDrawn)->look(CardInHand::of($card, $table->components, $table->unit, $cards))[0]->says;
            self::assertStringContainsString('the panel is of plain cardstock, where a calm paper is drawn', $says);
        }
    }

    /** @param  array<string, Paper|Cardstock>  $sheets  one of each, beside bases, pictures and a stamp */
    private static function table(int $bases, array $sheets, string $sketch): Table
    {
        $front = StandardFront::A2->size();
        $picture = Printed::of(Size::parse('1 1/2', '1 1/2', Unit::Inch), Serves::Image, Shape::Circle, [Colour::fromHex('335577')]);
        $stamp = Stamp::of(Size::parse('2', '1/2', Unit::Inch), Words::of('Hello', Occasions::all()));
        $components = [
            Component::of('base', 'white base', CardBase::of($front, FoldEdge::Side, Colour::fromHex('ffffff')), $bases),
            Component::of('picture', 'boat', DieCut::of($picture), $bases),
            Component::of('stamp', 'hello', $stamp, 1),
        ];
        foreach ($sheets as $id => $good) {
            $components[] = Component::of($id, $id, $good, 1);
        }
        $kit = Kit::of('Gives', Unit::Inch, $front, 10, null, $components);
        $others = array_filter(array_keys(Sketches::all()), static fn (string $key): bool => $key !== $sketch);

        return Inventory::unpacked($kit)->under(Preferences::asManyAsPossible()->without(array_values($others)));
    }

    private static function paper(string $width, string $height): Paper
    {
        $face = Face::printed('waves', Motif::Wave, [Colour::fromHex('ddeeff')], false);

        return Paper::of(Size::parse($width, $height, Unit::Inch), $face, $face);
    }

    private static function white(): Cardstock
    {
        return Cardstock::of(Size::parse('12', '12', Unit::Inch), Colour::fromHex('ffffff'));
    }
}
