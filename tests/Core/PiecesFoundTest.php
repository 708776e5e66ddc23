<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Look\BadReference;
use KeepShare\Core\Look\Doubt;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\FoundPiece;
use KeepShare\Core\Look\Lit;
use KeepShare\Core\Look\MeasuredPiece;
use KeepShare\Core\Look\PieceForm;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Pixels;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Look\SheetOnPhoto;
use KeepShare\Core\Look\Straight;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tools\Bench\DrawnTable;

/**
 * Photographs of drawn tables, with perspective, shadow, noise and two lamps, so that everything about them is known.
 */
final class PiecesFoundTest extends TestCase
{
    /** 1/32 in, in millimetres. */
    private const NEAR = 0.8;

    private const COLOURS = [0x2B6B5A, 0xD9942E, 0xB03040, 0x3A5F8A, 0xF6F2E8, 0x54306A, 0x222222, 0x7FB069, 0xE8A0B0];

    /** @return iterable<string, array{int, int, float, float}> seed, ground, lean, noise */
    public static function tables(): iterable
    {
        yield 'on kraft' => [1, 0xB59572, 0.05, 4.0];
        yield 'on blue cloth' => [4, 0x6D8FB0, 0.07, 7.0];
        yield 'on a green mat, leaning far' => [6, 0x4F7A5C, 0.12, 4.0];
    }

    #[DataProvider('tables')]
    public function test_every_piece_is_found_with_its_size_and_form(int $seed, int $ground, float $lean, float $noise): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $table = new DrawnTable;
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFDF8, $random->getInt(-6, 6));
        $truth = [];
        foreach ([[165, 40], [240, 40], [165, 105], [240, 105], [165, 175], [240, 175]] as $n => [$x, $y]) {
            $colour = DrawnTable::colourOn($ground, self::COLOURS, $random);
            [$wide, $high, $turn] = [$random->getInt(24, 60), $random->getInt(16, 40), $random->getInt(-25, 25)];
            $truth[] = match (($n + $seed) % 4) {
                0 => $this->drawn(fn () => $table->round($x, $y, $high + 8, $colour), PieceForm::Round, $high + 8, $high + 8),
                1 => $this->drawn(fn () => $table->rectangle($x, $y, $wide, $high, $colour, $turn), PieceForm::Label, $wide, $high),
                2 => $this->drawn(fn () => $table->rectangle($x, $y, 64, 12, $colour, $turn), PieceForm::Strip, 64, 12),
                default => [PieceForm::Cut, ...$table->star($x, $y, 14 + $high / 3, $colour, $random->getInt(0, 71))],
            };
        }
        $truth[] = $this->drawn(fn () => $table->rectangle(60, 190, 70, 16, 0xF2EDE2, 4, self::words(1, 70, 16)), PieceForm::Strip, 70, 16);

        $found = $table->read(Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2)), $ground, $lean, $noise, $seed);

        $measured = $this->measured($found);
        self::assertCount(count($truth), $measured, 'Each piece is found, and no shadow or part of one.');
        $faint = count(array_filter($found->pieces, static fn (FoundPiece $piece): bool => $piece->isFaint()));
        $wrong = array_filter($truth, static fn (array $is): bool => array_filter(
            $measured,
            static fn (array $one): bool => self::isNear($one, ...$is),
        ) === []);
        self::assertLessThanOrEqual(2, $faint);
        self::assertLessThanOrEqual($faint, count($wrong), json_encode([$wrong, $measured], JSON_THROW_ON_ERROR));
    }

    public function test_the_same_picture_is_counted_as_two_however_it_lies_and_other_words_are_not(): void
    {
        $table = new DrawnTable;
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFFFF);
        $table->rectangle(180, 30, 70, 14, 0xF4EFE4, 5, self::words(1, 70, 14));
        $table->rectangle(180, 60, 70, 14, 0xF4EFE4, -170, self::words(1, 70, 14));
        $table->rectangle(180, 90, 70, 14, 0xF4EFE4, 2, self::words(2, 70, 14));
        $table->star(170, 140, 20, 0xD9942E, 10);
        $table->star(240, 140, 20, 0xD9942E, 47);
        $table->star(170, 190, 20, 0x2B6B5A, 3);
        $table->round(240, 190, 30, 0xB03040);
        $table->round(50, 190, 26, 0xB03040);

        $found = $table->read(Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2)));

        $counts = array_map(count(...), array_values($found->alike()));
        sort($counts);
        self::assertSame([1, 1, 1, 1, 2, 2], $counts);
    }

    public function test_a_coin_and_two_marks_measure_a_photograph_from_above(): void
    {
        $table = new DrawnTable;
        $table->round(40, 40, 24, 0xC8A030);
        $table->rectangle(150, 60, 80, 40, 0x2B6B5A, 10);
        $table->rectangle(230, 150, 18, 60, 0x3A5F8A);

        $coin = $table->read(Reference::coin(Length::millimetres(24)), lean: 0.0);
        $pixels = DrawnTable::WIDE_SHOT / DrawnTable::WIDE;
        $marks = $coin->measuredBy(Reference::points(Length::millimetres(100))->at([[50.0, 700.0], [50.0 + 100 * $pixels, 700.0]]));

        foreach ([[$coin, 2], [$marks, 3]] as [$found, $many]) {
            $measured = $this->measured($found);
            self::assertCount($many, $measured);
            self::assertNotEmpty(array_filter($measured, static fn (array $one): bool => self::isNear($one, PieceForm::Label, 80, 40)));
            self::assertNotEmpty(array_filter($measured, static fn (array $one): bool => self::isNear($one, PieceForm::Label, 60, 18)));
        }
    }

    public function test_without_the_thing_of_known_size_it_says_so_and_a_corner_can_be_moved(): void
    {
        $table = new DrawnTable;
        $table->rectangle(150, 100, 120, 80, 0x2B6B5A);
        $table->round(250, 180, 20, 0x3A5F8A);
        $found = $table->read(Reference::sheet(Length::millimetres(200), Length::millimetres(20)), lean: 0.0);
        self::assertNull($found->reference->piece);

        // Its own corners, given by hand in another order.
        $by = Reference::sheet(Length::millimetres(120), Length::millimetres(80));
        $pixels = DrawnTable::WIDE_SHOT / DrawnTable::WIDE;
        $pixel = static fn (int $x, int $y): array => [$x * $pixels, $y * $pixels];
        $moved = $found->measuredBy($by->at([$pixel(210, 60), $pixel(210, 140), $pixel(90, 140), $pixel(90, 60)]));
        self::assertNotEmpty(array_filter(
            $this->measured($moved),
            static fn (array $one): bool => self::isNear($one, PieceForm::Round, 20, 20),
        ));

        $this->expectException(BadReference::class);
        $found->squared();
    }

    public function test_two_that_touch_are_doubted_and_parted_at_the_neck_or_along_a_line(): void
    {
        $table = new DrawnTable;
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFFFF);
        $table->round(180, 60, 40, 0x2B6B5A);
        $table->round(218, 60, 40, 0xB03040);
        $table->rectangle(200, 160, 80, 30, 0x3A5F8A);
        $picture = $table->photographed(0xD8CBB6);
        $read = FindPieces::on($picture);
        $found = PieceTable::found($read, $picture, Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2)));
        $squared = $found->squared();
        $doubted = [];
        foreach (array_keys($found->pieces) as $number) {
            if ($number !== $found->reference->piece) {
                $doubted[$number] = in_array(Doubt::PerhapsTwo, $found->doubts($number, $found->measured($number, $squared)), true);
            }
        }
        self::assertSame([false, true], array_values(array_unique(self::sorted($doubted))), 'One of both is doubted.');
        $number = (int) array_search(true, $doubted, true);

        $parted = $found->partedInto($number, $found->parted($number, [], Lit::of($picture, $read->ground)));

        $halves = array_slice(array_keys($parted->pieces), -2);
        foreach ($halves as $half) {
            $measured = $parted->measured($half, $squared);
            self::assertEqualsWithDelta(40, $measured->height, 1.0);
            self::assertEqualsWithDelta(39, $measured->width, 1.5);
        }
        self::assertNotEquals($parted->colours($halves[0])[0]->hex, $parted->colours($halves[1])[0]->hex);

        [$x, $y] = $squared->onPhoto(...self::middle($found->measured((int) array_search(false, $doubted, true), $squared)));
        $whole = (int) array_search(false, $doubted, true);
        $across = $found->partedInto($whole, $found->parted($whole, [[$x, $y - 200], [$x, $y + 200]], Lit::of($picture, $read->ground)));
        foreach (array_slice(array_keys($across->pieces), -2) as $half) {
            self::assertEqualsWithDelta(40, $across->measured($half, $squared)->width, 1.5);
        }

        $this->expectException(BadReference::class);
        $found->parted($number, [[1.0, 1.0], [2.0, 9.0]], Lit::of($picture, $read->ground));
    }

    public function test_a_frame_keeps_its_window_until_it_is_filled_and_is_the_same_when_read_again(): void
    {
        $table = new DrawnTable;
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFFFF);
        $table->rectangle(200, 100, 60, 50, 0x54306A, 8, [[10, 10, 40, 30]], 127 << 24);
        $found = $table->read(Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2)));
        $number = (int) array_key_last($found->alike());

        $again = PieceTable::of(json_decode((string) json_encode($found->fields()), true));

        self::assertCount(2, $again->pieces[$number]->rings);
        self::assertCount(1, $again->filled($number)->pieces[$number]->rings);
        self::assertEquals($found->fields(), $again->fields());
        $turned = $again->turned($number, 90)->measured($number, $again->squared());
        self::assertEqualsWithDelta(50, $turned->width, self::NEAR);
        self::assertEqualsWithDelta(60, $turned->height, self::NEAR);
    }

    public function test_sizes_are_on_the_marks_of_the_ruler(): void
    {
        $table = new DrawnTable;
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFFFF);
        $table->rectangle(200, 100, 50.8, 25.4, 0x54306A, 8);
        $found = $table->read(Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2)));
        $measured = $found->measured((int) array_key_last($found->alike()), $found->squared());

        self::assertFalse($found->isReferenceSmall());
        $small = $found->measuredBy($found->reference->at([[0.0, 0.0], [90.0, 0.0], [90.0, 120.0], [0.0, 120.0]]));
        self::assertTrue($small->isReferenceSmall());
        self::assertSame('2 × 1 in', PieceTable::size($measured, Unit::Inch)->label(Unit::Inch));
        self::assertSame(0, PieceTable::size($measured, Unit::Millimetre)->width->units % 4_000);
    }

    public function test_a_sheet_is_found_by_its_corners_and_squared_up(): void
    {
        $table = new DrawnTable;
        // Four quarters of other colours, a fifth of a turn at an angle.
        $table->rectangle(150, 112, 160, 160, 0x2B6B5A, 12, [[0, 0, 80, 80], [80, 80, 80, 80]], 0xE8A0B0);
        $picture = $table->photographed(0xD8CBB6, 0.08);

        $sheet = SheetOnPhoto::on($picture);
        $rows = Straight::sheet($sheet->lit, $sheet->corners, 40, 40);

        self::assertTrue($sheet->isFound);
        foreach ([[5, 5, true], [34, 5, false], [5, 34, false], [34, 34, true], [18, 18, true], [22, 18, false]] as [$x, $y, $isPink]) {
            self::assertSame($isPink, $rows[$y][$x][0] > $rows[$y][$x][1], "At $x, $y");
        }
        $corners = SheetOnPhoto::on(Pixels::of(64, 48, array_fill(0, 64 * 48, 0x808080)));
        self::assertFalse($corners->isFound);
        self::assertSame([64.0, 48.0], $corners->corners[2]);
    }

    public function test_an_empty_picture_or_one_without_a_plain_surface_is_refused(): void
    {
        try {
            FindPieces::on((new DrawnTable)->photographed(0xB59572));
            self::fail('Nothing was found on an empty table.');
        } catch (BadReference $empty) {
            self::assertStringContainsString('No pieces were found', $empty->getMessage());
        }

        $random = new Randomizer(new Mt19937(4));
        $pixels = [];
        for ($n = 0; $n < 200 * 150; $n++) {
            $pixels[] = intdiv($n, 7) % 2 === 0 ? $random->getInt(0, 0xFFFFFF) : 0x102030;
        }
        $this->expectException(BadReference::class);
        $this->expectExceptionMessage('surface');
        FindPieces::on(Pixels::of(200, 150, $pixels));
    }

    /**
     * @param  callable(): void  $draw
     * @return array{PieceForm, float, float}
     */
    private function drawn(callable $draw, PieceForm $form, float $width, float $height): array
    {
        $draw();

        return [$form, $width, $height];
    }

    /** @return list<array{form: string, width: float, height: float}> all but what is measured by */
    private function measured(PieceTable $table): array
    {
        $squared = $table->squared();
        $all = [];
        foreach (array_keys($table->pieces) as $number) {
            if ($number !== $table->reference->piece) {
                $one = $table->measured($number, $squared);
                $all[] = ['form' => $one->form->value, 'width' => round($one->width, 2), 'height' => round($one->height, 2)];
            }
        }

        return $all;
    }

    /** @param  array{form: string, width: float, height: float}  $one */
    private static function isNear(array $one, PieceForm $form, float $width, float $height): bool
    {
        $near = static fn (float $w, float $h): bool => abs($one['width'] - $w) <= self::NEAR && abs($one['height'] - $h) <= self::NEAR;

        return $one['form'] === $form->value && ($near($width, $height) || ($form !== PieceForm::Cut && $near($height, $width)));
    }

    /** @return list<array{float, float, float, float}> bars like letters, other ones for another seed */
    private static function words(int $seed, float $width, float $height): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $marks = [];
        for ($x = 5.0; $x < $width - 8; $x += $random->getInt(4, 6)) {
            $marks[] = [$x, $height * 0.3, 1.6, $height * 0.4];
            $marks[] = [$x, $height * (0.3 + $random->getInt(0, 3) / 10), 3.4, 1.4];
        }

        return $marks;
    }

    /**
     * @param  array<int, bool>  $flags
     * @return list<bool>
     */
    private static function sorted(array $flags): array
    {
        sort($flags);

        return $flags;
    }

    /** @return array{float, float} on the table */
    private static function middle(MeasuredPiece $measured): array
    {
        return $measured->onTable($measured->width / 2, $measured->height / 2);
    }
}
