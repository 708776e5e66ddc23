<?php

namespace Tests\Core;

use KeepShare\Core\Check\BusyUnderFocalPoint;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Check;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Check\Finding;
use KeepShare\Core\Check\FitsTogether;
use KeepShare\Core\Check\FoamHoldsSteady;
use KeepShare\Core\Check\HeightForEnvelope;
use KeepShare\Core\Check\OddGroup;
use KeepShare\Core\Check\PictureTwice;
use KeepShare\Core\Check\SaidTwice;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Check\WhitesThatDiffer;
use KeepShare\Core\Check\WordsFitOccasion;
use KeepShare\Core\Check\WordsStandOut;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Share\Card;
use KeepShare\Core\Share\Table;
use KeepShare\Core\Share\Taking;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** Every check, firing and silent, on one card that is good and made wrong in one way at a time. */
final class CheckTest extends TestCase
{
    public function test_a_good_card_gives_no_finding(): void
    {
        self::assertSame([], Checks::look(self::hand()));
    }

    public function test_base_envelope_and_front_of_other_sizes(): void
    {
        $five = CardBase::of(StandardFront::FiveBySeven->size(), FoldEdge::Side, Colour::fromHex('#fbf8ef'));

        self::assertFires(new FitsTogether, self::hand(goods: ['base' => $five]), 'The base is not the size of the front.');
        self::assertFires(new FitsTogether, self::hand(goods: ['base' => $five], front: StandardFront::FiveBySeven), 'The card does not fit its envelope');
    }

    public function test_a_busy_paper_right_under_the_focal_point(): void
    {
        self::assertFires(new BusyUnderFocalPoint, self::hand(['panel' => ['fish-scale', 0]]), 'Fish scale, which is busy');
        self::assertSilent(new BusyUnderFocalPoint, self::hand(['panel' => ['fish-scale', 1]]));
    }

    public function test_words_that_do_not_stand_out(): void
    {
        $pale = self::words('#fbfaf5', '#e9e6dc');
        self::assertFires(new WordsStandOut, self::hand(goods: ['happy-birthday' => $pale]), 'hard to read');
        self::assertFires(new WordsStandOut, self::hand(['panel' => ['signal-stars', 1]], goods: ['happy-birthday' => self::words('#e4eef0', '#1d3442')]), 'fades into Foam');
        self::assertSilent(new WordsStandOut, self::hand());
    }

    public function test_words_for_another_occasion(): void
    {
        self::assertFires(new WordsFitOccasion, self::hand(occasion: Occasion::Sympathy), '“happy birthday” is not for sympathy');
    }

    public function test_the_same_words_or_picture_on_two_cards(): void
    {
        $twin = self::card(number: 7);
        $other = Card::of(8, 'panel-on-mat', StandardFront::A2->size(), Occasion::Hello, [Taking::some('ahoy', 'sentiment', 1), Taking::some('gull', 'focal', 1)]);

        self::assertFires(new SaidTwice, self::hand(others: [$twin, $other]), 'is on card 7 too');
        self::assertFires(new PictureTwice, self::hand(others: [$twin, $other]), 'is on card 7 too');
        self::assertSilent(new SaidTwice, self::hand(others: [$other]));
        self::assertSilent(new PictureTwice, self::hand(others: [$other]));
    }

    public function test_two_whites_that_differ_side_by_side(): void
    {
        $bright = CardBase::of(StandardFront::A2->size(), FoldEdge::Side, Colour::fromHex('#ffffff'));

        self::assertFires(new WhitesThatDiffer, self::hand(['mat' => ['shell', 0]], goods: ['base' => $bright]), 'The white of the mat');
        self::assertSilent(new WhitesThatDiffer, self::hand(goods: ['base' => $bright]));
        self::assertSilent(new WhitesThatDiffer, self::hand(['mat' => ['tide-table', 0]], goods: ['base' => $bright]));
    }

    public function test_too_few_foam_squares_and_none(): void
    {
        self::assertFires(new FoamHoldsSteady, self::hand(foam: 2), '2 foam squares let the picture wobble');
        self::assertFires(new FoamHoldsSteady, self::hand(foam: 0), 'no foam left');
        self::assertSilent(new FoamHoldsSteady, self::hand(foam: 3));
    }

    public function test_an_even_group(): void
    {
        self::assertFires(new OddGroup, self::hand(gems: 4), 'even group');
        self::assertSilent(new OddGroup, self::hand(gems: 5));
    }

    public function test_a_thick_card_is_a_question(): void
    {
        $finding = self::assertFires(new HeightForEnvelope, self::hand(goods: ['foam-squares' => Foam::of(Length::millimetres(4))]), 'thick');

        self::assertTrue($finding->isHint);
        self::assertStringContainsString('Ask locally', $finding->repair);
        self::assertSame('≈ 3.5 mm', Thickness::of(self::hand())->label(Unit::Millimetre));
    }

    public function test_every_check_has_a_key_of_its_own(): void
    {
        $keys = array_map(static fn (Check $check): string => $check->key(), Checks::all());

        self::assertSame($keys, array_unique($keys));
        self::assertSame(10, count($keys));
    }

    private static function assertFires(Check $check, CardInHand $hand, string $says): Finding
    {
        $found = $check->look($hand);
        self::assertCount(1, $found);
        self::assertStringContainsString($says, $found[0]->says);
        self::assertSame($check->key(), $found[0]->check);
        self::assertNotSame('', $found[0]->repair);

        return $found[0];
    }

    private static function assertSilent(Check $check, CardInHand $hand): void
    {
        self::assertSame([], $check->look($hand));
    }

    /**
     * @param  array<string, array{string, int}>  $surfaces  by part
     * @param  array<string, Good>  $goods  in place of the kit's, by id
     * @param  list<Card>  $others
     */
    private static function hand(array $surfaces = [], array $goods = [], StandardFront $front = StandardFront::A2, Occasion $occasion = Occasion::Birthday, int $foam = 4, int $gems = 3, array $others = []): CardInHand
    {
        $components = Table::unpacked(Kits::demo())->components;
        foreach ($goods as $id => $good) {
            $components[$id] = Component::of($id, $id, $good, 2);
        }

        return CardInHand::of(self::card($surfaces, $front, $occasion, $foam, $gems), $components, Unit::Inch, $others);
    }

    /** @param  array<string, array{string, int}>  $surfaces */
    private static function card(array $surfaces = [], StandardFront $front = StandardFront::A2, Occasion $occasion = Occasion::Birthday, int $foam = 4, int $gems = 3, int $number = 1): Card
    {
        $size = Size::parse('3', '3', Unit::Inch);
        $surfaces += ['mat' => ['kelp-card', 0], 'panel' => ['chart-grid', 0]];
        $takings = array_map(static fn (string $part): Taking => Taking::piece($surfaces[$part][0], $part, $size, $surfaces[$part][1], true), array_keys($surfaces));

        return Card::of($number, 'panel-on-mat', $front->size(), $occasion, array_values(array_filter([
            ...$takings,
            Taking::some('base', 'base', 1),
            Taking::some('envelope', 'envelope', 1),
            Taking::some('lantern', 'focal', 1),
            Taking::some('happy-birthday', 'sentiment', 1),
            $foam === 0 ? null : Taking::some('foam-squares', 'foam', $foam),
            Taking::some('gems-sea', 'embellishment', $gems),
        ])));
    }

    private static function words(string $ground, string $ink): DieCut
    {
        return DieCut::of(Printed::of(Size::parse('2 1/2', '1/2', Unit::Inch), Serves::Sentiment, Shape::Label, [Colour::fromHex($ground), Colour::fromHex($ink)], Words::of('happy birthday', [Occasion::Birthday])));
    }
}
