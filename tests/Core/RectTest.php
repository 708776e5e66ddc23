<?php

namespace Tests\Core;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;

final class RectTest extends TestCase
{
    public function test_the_layer_ladder_takes_the_reveal_off_twice(): void
    {
        $front = Rect::whole(Size::parse('4 1/4', '5 1/2', Unit::Inch));
        $panel = $front->inset(Length::inches(0, 1, 8));

        self::assertSame('4 × 5 1/4 in', $panel->size->label(Unit::Inch));
        self::assertSame('3 3/4 × 5', $panel->inset(Length::inches(0, 1, 8))->size->format(Unit::Inch));
        self::assertSame('4 1/8 × 5 3/8', $panel->size->grown(Length::inches(0, 1, 16))->format(Unit::Inch), 'the mat under a panel');
        self::assertTrue($front->contains($panel));
        self::assertFalse($panel->contains($front));
    }

    public function test_a_reveal_that_eats_the_panel_is_refused(): void
    {
        $this->expectException(BadMeasure::class);
        Rect::whole(Size::parse('1', '3', Unit::Inch))->inset(Length::inches(0, 1, 2));
    }

    public function test_a_size_has_both_sides(): void
    {
        $this->expectException(BadMeasure::class);
        Size::parse('4', '0', Unit::Inch);
    }

    public function test_sizes_fit_the_way_they_may_lie(): void
    {
        $sheet = Size::parse('6', '6', Unit::Inch);
        $strip = Size::parse('1', '6 1/2', Unit::Inch);
        $card = Size::parse('5 1/2', '4 1/4', Unit::Inch);

        self::assertFalse($strip->fitsIn($sheet, true));
        self::assertFalse($card->fitsIn($card->turned()));
        self::assertTrue($card->fitsIn($card->turned(), true));
        self::assertTrue($card->matches($card->turned()));
    }

    public function test_touching_is_not_overlapping(): void
    {
        $left = Rect::ofUnits(0, 0, 10, 10);

        self::assertFalse($left->overlaps(Rect::ofUnits(10, 0, 10, 10)));
        self::assertTrue($left->overlaps(Rect::ofUnits(9, 9, 10, 10)));
    }
}
