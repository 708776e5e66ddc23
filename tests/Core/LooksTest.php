<?php

namespace Tests\Core;

use Closure;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\ColourName;
use KeepShare\Core\Look\Looks;
use PHPUnit\Framework\TestCase;

final class LooksTest extends TestCase
{
    private const CREAM = [246, 239, 220];

    private const RED = [194, 58, 44];

    private const BLUE = [63, 116, 168];

    public function test_finds_the_main_colours_and_their_shares(): void
    {
        $looks = Looks::of(self::image(static fn (int $x): array => match (true) {
            $x < 60 => self::CREAM,
            $x < 90 => self::RED,
            default => self::BLUE,
        }));

        self::assertSame([60, 30, 10], array_column($looks->colours, 'percent'));
        foreach ([self::CREAM, self::RED, self::BLUE] as $i => $rgb) {
            self::assertLessThan(3, $looks->colours[$i]['colour']->differenceFrom(Colour::ofRgb(...$rgb)));
        }
    }

    public function test_joins_what_looks_alike_and_leaves_specks_out(): void
    {
        $looks = Looks::of(self::image(static fn (int $x, int $y): array => match (true) {
            $x === 50 && $y < 80 => self::RED,
            ($x + $y) % 2 === 0 => [244, 238, 221],
            default => self::CREAM,
        }));

        self::assertCount(1, $looks->colours);
        self::assertGreaterThanOrEqual(99, $looks->colours[0]['percent']);
    }

    public function test_busyness_orders_prints_as_a_maker_would(): void
    {
        $flat = self::image(static fn (): array => self::CREAM);
        $shade = self::image(static fn (int $x): array => [200 + intdiv($x, 4), 195 + intdiv($x, 4), 180 + intdiv($x, 4)]);
        $wide = self::image(static fn (int $x): array => $x % 50 < 25 ? self::CREAM : [230, 220, 196]);
        $check = self::image(
            static fn (int $x, int $y): array => (intdiv($x, 8) + intdiv($y, 8)) % 2 === 0 ? self::CREAM : self::RED,
        );
        $fine = self::image(
            static fn (int $x, int $y): array => (intdiv($x, 2) + intdiv($y, 2)) % 2 === 0
                ? [255, 255, 255]
                : [20, 20, 20],
        );
        $figures = array_map(static fn (array $image): int => Looks::of($image)->busyness, [
            $flat,
            $shade,
            $wide,
            $check,
            $fine,
        ]);

        $sorted = $figures;
        sort($sorted);
        self::assertSame($sorted, $figures);
        self::assertSame([0, 100], [$figures[0], $figures[4]]);
        self::assertSame(
            [false, false, false, true, true],
            array_map(static fn (int $figure): bool => $figure >= Looks::BUSY_FROM, $figures),
        );
        self::assertFalse(
            Looks::of(self::image(static fn (int $x): array => $x < 50 ? [255, 255, 255] : [20, 20, 20]))->isBusy(),
            'two calm halves',
        );
    }

    public function test_reads_the_same_every_time_and_a_picture_of_one_pixel_too(): void
    {
        $image = self::image(static fn (int $x, int $y): array => [($x * 37 + $y * 11) % 256, ($x * 13) % 256, ($y * 29) % 256]);

        self::assertEquals(Looks::of($image), Looks::of($image));
        self::assertSame([100, 0], [Looks::of([[[1, 2, 3]]])->colours[0]['percent'], Looks::of([[[1, 2, 3]]])->busyness]);
    }

    public function test_lab_and_back_is_the_same_colour(): void
    {
        foreach (['#000000', '#ffffff', '#c9603c', '#24414f', '#8288c4'] as $hex) {
            self::assertSame($hex, Colour::fromLab(Colour::fromHex($hex)->lab())->hex);
        }
    }

    public function test_colours_have_words(): void
    {
        self::assertSame('navy', ColourName::of(Colour::fromHex('#22344e')));
        self::assertSame('#6fa796', ColourName::in('Sea green card')?->hex, 'the longer name wins over green');
        self::assertNull(ColourName::in('Greenland'));
    }

    /**
     * @param  Closure(int, int): array{int, int, int}  $pixel
     * @return non-empty-list<non-empty-list<array{int, int, int}>>
     */
    private static function image(Closure $pixel): array
    {
        return array_map(static fn (int $y): array => array_map(static fn (int $x): array => $pixel($x, $y), range(0, 99)), range(0, 99));
    }
}
