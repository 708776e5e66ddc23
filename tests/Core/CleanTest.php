<?php

namespace Tests\Core;

use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Cut\UsableAreas;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The clean parts of a sheet with a margin and blemishes, compared unit by unit on small sheets. */
final class CleanTest extends TestCase
{
    public function test_a_sheet_without_a_fault_is_one_clean_part(): void
    {
        $clean = UsableAreas::of(Stock::sheet('a', Size::ofUnits(12, 9)));

        self::assertEquals([Rect::ofUnits(0, 0, 12, 9)], $clean->parts());
        self::assertEquals(Size::ofUnits(12, 9), $clean->inside());
        self::assertSame([], $clean->plan(static fn (): array => [])->cuts(), 'nothing is cut off it');
    }

    public function test_a_margin_is_cut_off_all_round_and_one_that_eats_the_sheet_leaves_nothing(): void
    {
        $clean = UsableAreas::of(Stock::sheet('a', Size::ofUnits(12, 9))->marred(Length::ofUnits(2), []));
        self::assertEquals([Rect::ofUnits(2, 2, 8, 5)], $clean->parts());
        self::assertCount(4, $clean->plan(static fn (): array => [])->cuts(), 'one cut a side');

        $eaten = UsableAreas::of(Stock::sheet('a', Size::ofUnits(12, 9))->marred(Length::ofUnits(5), []));
        self::assertNull($eaten->inside());
        self::assertSame([], $eaten->parts());
    }

    public function test_cutting_round_a_bent_corner_costs_the_smaller_of_two_strips(): void
    {
        $corner = Rect::ofUnits(0, 0, 2, 3);
        $parts = UsableAreas::of(Stock::sheet('a', Size::ofUnits(12, 9))->marred(Length::zero(), [$corner]))->parts();

        self::assertEquals(Rect::ofUnits(2, 0, 10, 9), $parts[0], '90 square units, where a cut below it leaves 72');
        self::assertEquals(Rect::ofUnits(0, 3, 2, 6), $parts[1]);
        self::assertCount(2, $parts);
    }

    public function test_whatever_is_wrong_with_a_sheet_clean_parts_are_clean_apart_and_the_largest_first(): void
    {
        foreach (range(1, 120) as $seed) {
            $stock = self::marred($seed);
            $parts = UsableAreas::of($stock)->parts();
            $inside = Rect::whole($stock->size);
            foreach ($parts as $n => $part) {
                self::assertTrue($inside->size->width->units >= $part->right()->units, "seed $seed");
                self::assertTrue($inside->size->height->units >= $part->bottom()->units, "seed $seed");
                foreach ($stock->blemishes as $blemish) {
                    self::assertFalse($blemish->overlaps($part), "seed $seed: part $n is not clean");
                }
                foreach (array_slice($parts, $n + 1) as $other) {
                    self::assertFalse($other->overlaps($part), "seed $seed: part $n lies over another");
                    self::assertGreaterThanOrEqual($other->size->area(), $part->size->area(), "seed $seed");
                }
            }
            // No clean unit is lost: what is neither margin nor blemish is in one of the parts.
            self::assertSame(self::cleanUnits($stock), array_sum(array_map(self::units(...), $parts)), "seed $seed");
        }
    }

    public function test_the_plan_frees_each_clean_part_by_cuts_across_all_of_what_is_cut(): void
    {
        foreach (range(1, 60) as $seed) {
            $stock = self::marred($seed);
            $clean = UsableAreas::of($stock);
            $freed = [];
            $plan = $clean->plan(static function (Rect $part) use (&$freed): array {
                $freed[] = UsableAreas::key($part);

                return [];
            });
            self::assertEqualsCanonicalizing(array_map(UsableAreas::key(...), $clean->parts()), $freed, "seed $seed");
            $leaves = array_map(static fn (Leaf $leaf): string => UsableAreas::key($leaf->rect()), $plan->leaves());
            self::assertSame([], array_diff($freed, $leaves), "seed $seed: each is freed");
            $all = array_sum(array_map(static fn (Leaf $leaf): int => self::units($leaf->rect()), $plan->leaves()));
            self::assertSame($stock->size->width->units * $stock->size->height->units, $all, "seed $seed: no paper is lost");
        }
    }

    public function test_a_trimmer_that_is_too_short_for_a_cut_does_not_reach(): void
    {
        $stock = Stock::sheet('a', Size::ofUnits(Length::inches(12)->units, Length::inches(12)->units))->marred(
            Length::zero(),
            [Rect::ofUnits(0, 0, Length::inches(1)->units, Length::inches(1)->units)],
        );

        self::assertTrue(UsableAreas::of($stock)->isInReach(Trimmer::usual()));
        self::assertFalse(UsableAreas::of($stock)->isInReach(Trimmer::of(Length::inches(9), Length::zero())));
        $sheet = Stock::sheet('a', $stock->size);
        self::assertTrue(UsableAreas::of($sheet)->isInReach(Trimmer::of(Length::inches(1), Length::zero())), 'there is nothing to cut');
    }

    private static function marred(int $seed): Stock
    {
        $random = new Randomizer(new Mt19937($seed));
        [$width, $height] = [$random->getInt(6, 16), $random->getInt(6, 16)];
        $blemishes = array_map(static function () use ($random, $width, $height): Rect {
            [$x, $y] = [$random->getInt(0, $width - 1), $random->getInt(0, $height - 1)];

            return Rect::ofUnits($x, $y, $random->getInt(1, min(4, $width - $x)), $random->getInt(1, min(4, $height - $y)));
        }, range(1, $random->getInt(1, UsableAreas::MOST_BLEMISHES)));

        return Stock::sheet("$seed", Size::ofUnits($width, $height))->marred(Length::ofUnits($random->getInt(0, 1)), $blemishes);
    }

    /** Counted one by one. */
    private static function cleanUnits(Stock $stock): int
    {
        $margin = $stock->margin->units;
        $many = 0;
        for ($x = $margin; $x < $stock->size->width->units - $margin; $x++) {
            for ($y = $margin; $y < $stock->size->height->units - $margin; $y++) {
                $unit = Rect::ofUnits($x, $y, 1, 1);
                $isClean = array_filter($stock->blemishes, static fn (Rect $one): bool => $one->overlaps($unit)) === [];
                $many += (int) $isClean;
            }
        }

        return $many;
    }

    private static function units(Rect $rect): int
    {
        return $rect->size->width->units * $rect->size->height->units;
    }
}
