<?php

namespace Tests\Core;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Keep\Grade;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Tally\Share;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is left, what it is good for, and the small sums of bases, envelopes and the tally. */
final class LeftoverTest extends TestCase
{
    /** @return list<array{string, string, Grade}> */
    public static function offcuts(): array
    {
        return [
            ['6', '5', Grade::Background],
            ['5 1/4', '4', Grade::Background],
            ['2 1/4', '6', Grade::Panel],
            ['2', '6', Grade::Strip],
            ['3', '4 1/4', Grade::Panel],
            ['2', '4', Grade::Strip],
            ['1/4', '4', Grade::Strip],
            ['3/16', '11', Grade::Confetti],
            ['1', '1', Grade::Square],
            ['3/4', '2', Grade::Square],
            ['1/2', '2', Grade::Confetti],
        ];
    }

    #[DataProvider('offcuts')]
    public function test_offcuts_are_sorted_by_use(string $width, string $height, Grade $grade): void
    {
        $a2 = StandardFront::A2->size();
        $size = Size::parse($width, $height, Unit::Inch);

        self::assertSame([$grade, $grade], [Grade::of($size, $a2), Grade::of($size->turned(), $a2->turned())]);
    }

    public function test_blanks_are_twice_the_front(): void
    {
        $side = Blank::for(StandardFront::A2->size(), FoldEdge::Side);
        $top = Blank::for(StandardFront::A2->size(), FoldEdge::Top);

        self::assertSame(['8 1/2 × 5 1/2', '4 1/4'], [$side->size->format(Unit::Inch), $side->score->format(Unit::Inch)]);
        self::assertSame(['4 1/4 × 11', '5 1/2'], [$top->size->format(Unit::Inch), $top->score->format(Unit::Inch)]);
    }

    public function test_fronts_have_their_trade_names(): void
    {
        self::assertSame('A6', StandardFront::nameOf(Size::parse('148', '105', Unit::Millimetre), Unit::Millimetre));
        self::assertSame('4 × 4 in', StandardFront::nameOf(Size::parse('4', '4', Unit::Inch), Unit::Inch));
    }

    public function test_an_envelope_takes_a_card_that_fits_and_does_not_rattle(): void
    {
        $envelope = Envelope::of(Size::parse('4 3/8', '5 3/4', Unit::Inch), Colour::fromHex('#ffffff'));

        self::assertTrue($envelope->takes(StandardFront::A2->size()->turned()));
        self::assertFalse($envelope->takes(StandardFront::FiveBySeven->size()), 'too large');
        self::assertFalse($envelope->takes(StandardFront::Mini->size()), 'it would rattle');
    }

    public function test_shares_are_by_area_for_sheets_and_by_number_for_the_rest(): void
    {
        $sheet = Size::parse('6', '6', Unit::Inch);

        self::assertSame(25, Share::ofArea([Size::parse('3', '3', Unit::Inch), Size::parse('1', '9', Unit::Inch)], [$sheet, $sheet]));
        self::assertSame(66, Share::ofCount(2, 3));
        self::assertSame(0, Share::ofCount(0, 0));
    }
}
