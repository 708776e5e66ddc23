<?php

namespace Tests\Core;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class LengthTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function written(): iterable
    {
        $quarter = 863_600;
        foreach (
            [
                '4 1/4',
                '4-1/4',
                '4¼',
                '4 ¼',
                '4.25',
                '4,25',
                '4.25in',
                '4 1/4"',
                '4 1/4 inches',
                '4 1⁄4″',
                '107.95 mm',
                '10.795cm',
                ' 4  1/4 ',
            ] as $text
        ) {
            yield $text => [$text, $quarter];
        }
        yield '108mm' => ['108mm', 864_000];
        yield '10.8 cm' => ['10.8 cm', 864_000];
        yield '1/32' => ['1/32', 6_350];
        yield '1/64' => ['1/64', 3_175];
        yield '.5' => ['.5', 101_600];
        yield '0' => ['0', 0];
    }

    #[DataProvider('written')]
    public function test_reads_what_makers_write(string $text, int $units): void
    {
        self::assertSame($units, Length::parse($text, Unit::Inch)->units);
    }

    public function test_a_number_without_a_unit_is_in_the_unit_of_the_kit(): void
    {
        self::assertSame(864_000, Length::parse('108', Unit::Millimetre)->units);
        self::assertSame(Length::inches(4, 1, 4)->units, Length::parse('4 1/4"', Unit::Millimetre)->units);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 'There is no measure'];
        yield 'words' => ['about four', 'is not a measure'];
        yield 'negative' => ['-3', 'less than nothing'];
        yield 'minus sign' => ['−1/2', 'less than nothing'];
        yield 'power of ten' => ['1e9', 'is not a measure'];
        yield 'two wholes' => ['4 4', 'is not a measure'];
        yield 'two points' => ['4..2', 'is not a measure'];
        yield 'over nothing' => ['4 1/0', 'divides by zero'];
        yield 'improper after a whole' => ['4 5/4', 'not smaller than one'];
        yield 'unknown unit' => ['3 ells', 'not a unit'];
        yield 'between the marks' => ['4.123', 'The nearest is 4 1/8 in'];
        yield 'thirds' => ['1/3', 'The nearest is 5/16 in'];
        yield 'a street long' => ['999999', 'longer than 100 metres'];
        yield 'more digits than there are' => ['0.1234567891', 'is not a measure'];
    }

    #[DataProvider('unreadable')]
    public function test_refuses_with_the_reason(string $text, string $reason): void
    {
        $this->expectException(BadMeasure::class);
        $this->expectExceptionMessage($reason);

        Length::parse($text, Unit::Inch);
    }

    public function test_shows_what_the_ruler_has(): void
    {
        self::assertSame('4 1/8', Length::inches(4, 2, 16)->format(Unit::Inch));
        self::assertSame('5/32 in', Length::inches(0, 5, 32)->label(Unit::Inch));
        self::assertSame('6', Length::inches(6)->format(Unit::Inch));
        self::assertSame('0', Length::zero()->format(Unit::Inch));
        self::assertSame('≈ 4 1/4', Length::millimetres(108)->format(Unit::Inch));
        self::assertSame('107.5', Length::parse('107.5', Unit::Millimetre)->format(Unit::Millimetre));
        self::assertSame('≈ 108', Length::inches(4, 1, 4)->format(Unit::Millimetre));
    }

    public function test_the_exact_text_reads_back_in_either_unit(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($i = 0; $i < 2_000; $i++) {
            $length = Length::ofUnits($random->getInt(0, 10_000_000));
            foreach (Unit::cases() as $unit) {
                self::assertSame($length->units, Length::parse($length->exact($unit), $unit)->units);
            }
        }
        self::assertSame('4 1/4', Length::inches(4, 1, 4)->exact(Unit::Inch));
        self::assertSame('108mm', Length::millimetres(108)->exact(Unit::Inch));
    }

    public function test_arithmetic_is_exact_and_never_below_nothing(): void
    {
        $base = Length::inches(4, 1, 4);
        self::assertSame('4', $base->minus(Length::inches(0, 1, 8)->times(2))->format(Unit::Inch));
        self::assertSame('2 1/8', $base->share(1, 2, Unit::Inch->mark())->format(Unit::Inch));
        self::assertSame('1 3/8', $base->share(1, 3, Unit::Inch->mark())->format(Unit::Inch), 'a third is rounded down to the ruler');

        $this->expectException(BadMeasure::class);
        Length::inches(1)->minus(Length::inches(1, 1, 64));
    }

    public function test_what_the_eye_tells_apart_is_enough_for_what_is_laid_and_not_cut(): void
    {
        self::assertSame('2 13/16 in', Length::parse('2 25/32', Unit::Inch)->about(Unit::Inch));
        self::assertSame('1/32 in', Length::ofUnits(800)->about(Unit::Inch));
        self::assertSame('5.5 mm', Length::parse('7/32 in', Unit::Inch)->about(Unit::Millimetre));
        self::assertSame('0.5 mm', Length::ofUnits(1)->about(Unit::Millimetre));
        self::assertSame('0 mm', Length::ofUnits(0)->about(Unit::Millimetre));
    }
}
