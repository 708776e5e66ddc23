<?php

namespace Tests\Core;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\ExactSmall;
use KeepShare\Core\Cut\Fill;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Split;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\BruteForce;
use Tests\Core\Support\Replay;
use Tools\Bench\Partitions;

/** The cutting engine against brute force, known optima and real cuts. */
final class EngineTest extends TestCase
{
    public function test_a_few_pieces_are_solved_to_the_proven_optimum(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $cases = 0;
        for ($case = 0; $case < 1_000; $case++) {
            [$width, $height] = [$random->getInt(3, 7), $random->getInt(3, 7)];
            $tiny = [];
            for ($n = $random->getInt(1, 5); $n > 0; $n--) {
                $tiny[] = [$random->getInt(1, 5), $random->getInt(1, 5), $random->getInt(0, 1) === 1];
            }
            $least = BruteForce::leastSheets($width, $height, $tiny, 3);
            [$stock, $pieces] = self::inches($width, $height, 3, $tiny);
            $plan = ExactSmall::plan($stock, array_values($pieces));
            self::assertSame($least, $plan?->sheetsOpened());
            if ($plan !== null) {
                self::assertCutsAll($plan, $pieces);
                self::assertSame($least, Engine::plan($stock, array_values($pieces))->sheetsOpened());
                self::assertTrue(Engine::plan($stock, array_values($pieces))->isProven());
                $cases++;
            }
        }
        self::assertGreaterThan(600, $cases);
    }

    public function test_offcuts_cost_nothing_and_what_does_not_fit_is_left_to_the_planner(): void
    {
        $inch = static fn (string $w, string $h): Size => Size::parse($w, $h, Unit::Inch);
        $stock = [Stock::sheet('whole', $inch('6', '6')), Stock::offcut('rest', $inch('4', '3'))];
        $pieces = [Piece::of('a', $inch('3', '2'), false), Piece::of('b', $inch('3', '1'), false), Piece::of('c', $inch('1', '3'), false)];

        $plan = ExactSmall::plan($stock, $pieces) ?? self::fail('All can be cut.');
        self::assertSame(0, $plan->sheetsOpened());
        self::assertNull(ExactSmall::plan($stock, [Piece::of('long', $inch('7', '1'), true)]));
        self::assertSame(
            ['long'],
            array_map(
                static fn (Piece $piece): string => $piece->id,
                Engine::plan($stock, [Piece::of('long', $inch('7', '1'), true)])->unplaced,
            ),
        );
    }

    public function test_where_not_all_can_be_cut_the_earlier_pieces_have_theirs(): void
    {
        $inch = static fn (string $w, string $h): Size => Size::parse($w, $h, Unit::Inch);
        $stock = [Stock::sheet('s', $inch('6', '6'))];
        $pieces = [
            Piece::of('first', $inch('5', '5'), false),
            Piece::of('large', $inch('4', '4'), false),
            Piece::of('strip', $inch('1', '6'), false),
            Piece::of('small', $inch('3', '1'), true),
        ];

        self::assertSame(
            ['large'],
            array_map(
                static fn (Piece $piece): string => $piece->id,
                Engine::earliestFirst($stock, $pieces)->unplaced,
            ),
        );
        self::assertSame(
            ['first'],
            array_map(
                static fn (Piece $piece): string => $piece->id,
                Engine::earliestFirst($stock, [$pieces[1], $pieces[0]])->unplaced,
            ),
        );
    }

    public function test_with_few_pieces_no_earlier_one_is_left_out_for_a_later_one(): void
    {
        $random = new Randomizer(new Mt19937(31));
        for ($case = 0; $case < 150; $case++) {
            $tiny = [];
            for ($n = $random->getInt(3, 6); $n > 0; $n--) {
                $tiny[] = [$random->getInt(1, 5), $random->getInt(1, 5), $random->getInt(0, 1) === 1];
            }
            $sheets = $random->getInt(1, 2);
            [$stock, $pieces] = self::inches(5, 5, $sheets, $tiny);
            $plan = Engine::earliestFirst($stock, array_values($pieces));
            $kept = $out = [];
            foreach ($tiny as $n => $piece) {
                if (BruteForce::leastSheets(5, 5, [...$kept, $piece], $sheets) === null) {
                    $out[] = array_keys($pieces)[$n];
                } else {
                    $kept[] = $piece;
                }
            }
            self::assertSame($out, array_map(static fn (Piece $piece): string => $piece->id, $plan->unplaced), "case $case");
            self::assertCutsAll($plan, array_diff_key($pieces, array_flip($out)));
        }
    }

    public function test_one_piece_too_large_among_many_unlike_offcuts_is_soon_found_out(): void
    {
        $stock = array_map(
            static fn (int $n): Stock => Stock::offcut(
                "o$n",
                Size::ofUnits(406_400 + $n * 12_700, 609_600 - $n * 6_350),
            ),
            range(0, 11),
        );
        $pieces = array_map(
            static fn (int $n): Piece => Piece::of(
                "p$n",
                Size::ofUnits(203_200 + $n * 6_350, 406_400 - $n * 6_350),
                true,
            ),
            range(0, 6),
        );
        $large = Piece::of('large', Size::ofUnits(600_000, 600_000), true);

        self::assertSame(
            ['large'],
            array_map(
                static fn (Piece $piece): string => $piece->id,
                Engine::earliestFirst($stock, [...$pieces, $large])->unplaced,
            ),
        );
    }

    public function test_where_many_cannot_be_cut_the_others_are_and_the_work_is_bounded(): void
    {
        $random = new Randomizer(new Mt19937(37));
        $stock = array_map(static fn (int $n): Stock => Stock::sheet("s$n", Size::ofUnits(1_219_200, 1_219_200)), range(1, 4));
        $pieces = [];
        for ($n = 1; $n <= 46; $n++) {
            $pieces["p$n"] = Piece::of(
                "p$n",
                Size::ofUnits(12_700 * $random->getInt(12, 88), 12_700 * $random->getInt(12, 88)),
                $random->getInt(0, 1) === 1,
            );
        }
        $plan = Engine::earliestFirst($stock, array_values($pieces));
        $out = array_map(static fn (Piece $piece): string => $piece->id, $plan->unplaced);
        self::assertNotSame([], $out);
        self::assertNotContains('p1', $out);
        self::assertCutsAll($plan, array_diff_key($pieces, array_flip($out)));
        foreach ($plan->unplaced as $piece) {
            foreach ($plan->sheets as $sheet) {
                foreach ($sheet->offcuts() as $offcut) {
                    self::assertFalse(
                        $piece->size->fitsIn($offcut->rect()->size, $piece->mayTurn),
                        'what is left out fits nowhere as it is cut',
                    );
                }
            }
        }
    }

    public function test_sheets_cut_up_at_random_are_put_together_again(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $solved = 0;
        $cases = 0;
        foreach ([4, 6, 8, 10] as $each) {
            for ($sheets = 1; $sheets <= 6; $sheets++) {
                $pieces = Partitions::of($random, $sheets, $each, 96, 12_700, $each % 4 === 0);
                $stock = array_map(
                    static fn (int $n): Stock => Stock::sheet("s$n", Size::parse('6', '6', Unit::Inch)),
                    range(1, $sheets + 2),
                );
                $plan = Engine::plan($stock, $pieces);
                self::assertCutsAll($plan, array_column(array_map(static fn (Piece $piece): array => [$piece->id, $piece], $pieces), 1, 0));
                self::assertGreaterThanOrEqual($sheets, $plan->sheetsOpened());
                $isLeast = $plan->sheetsOpened() === $sheets;
                self::assertTrue($isLeast || $each > 8, "every order of up to 8 pieces a sheet: $sheets sheets of $each");
                self::assertSame($isLeast, $plan->isProven());
                $solved += (int) $isLeast;
                $cases++;
            }
        }
        self::assertGreaterThanOrEqual($cases - 1, $solved);
    }

    public function test_a_filling_is_never_worth_more_than_the_bound_and_proven_ones_are_the_most(): void
    {
        $random = new Randomizer(new Mt19937(29));
        $proven = 0;
        for ($case = 0; $case < 1_000; $case++) {
            [$width, $height] = [$random->getInt(3, 7), $random->getInt(3, 7)];
            $wishes = [];
            for ($n = $random->getInt(1, 3); $n > 0; $n--) {
                $wishes[] = [
                    $random->getInt(1, 5),
                    $random->getInt(1, 5),
                    $random->getInt(0, 1) === 1,
                    $random->getInt(1, 20),
                    $random->getInt(1, 2),
                ];
            }
            [$stock, $pieces] = self::inches(
                $width,
                $height,
                1,
                array_map(static fn (array $w): array => [$w[0], $w[1], $w[2]], $wishes),
            );
            $filling = Fill::best(
                $stock[0],
                array_map(
                    static fn (array $w, Piece $piece): Demand => Demand::for($piece, $w[3], $w[4]),
                    $wishes,
                    array_values($pieces),
                ),
            );
            $most = BruteForce::mostWorth($width, $height, $wishes);

            self::assertLessThanOrEqual($most, $filling->worth);
            self::assertGreaterThanOrEqual($most, $filling->upperBound);
            self::assertSame(
                $filling->worth,
                array_sum(
                    array_map(
                        static fn ($leaf): int => $wishes[(int) substr((string) $leaf->piece, 1)][3],
                        $filling->plan->pieces(),
                    ),
                ),
                'it is worth what is cut',
            );
            Replay::of($filling->plan, $pieces);
            if ($filling->isProven()) {
                self::assertSame($most, $filling->worth);
                $proven++;
            }
        }
        self::assertSame(1_000, $proven, 'small ones are all proven');
    }

    public function test_a_filling_that_is_stopped_early_keeps_the_best_so_far_and_is_never_worse_after_more(): void
    {
        $inch = static fn (string $w, string $h): Size => Size::parse($w, $h, Unit::Inch);
        $wishes = [];
        foreach (
            [
                ['3', '4 1/4', 25],
                ['2', '5 1/2', 20],
                ['1', '4', 6],
                ['2', '2', 8],
                ['1', '1', 2],
                ['3 3/4', '5', 40],
            ] as $n => [$w, $h, $worth]
        ) {
            $wishes[] = Demand::for(Piece::of("p$n", $inch($w, $h), true), $worth, 3);
        }
        $last = null;
        foreach ([1, 5, 25, 125, 600] as $most) {
            $filling = Fill::best(Stock::sheet('s', $inch('8 1/2', '11')), $wishes, $most);
            self::assertGreaterThanOrEqual($last->worth ?? 0, $filling->worth);
            self::assertLessThanOrEqual($filling->upperBound, $filling->worth);
            $last = $filling;
        }
    }

    public function test_cuts_are_made_with_the_fewest_settings_and_turns_a_part_at_a_time(): void
    {
        $random = new Randomizer(new Mt19937(31));
        $fewer = 0;
        for ($case = 0; $case < 40; $case++) {
            $pieces = Partitions::of($random, 1, $random->getInt(3, 7), 12, intdiv(Unit::Inch->units(), 2), false);
            $plan = Engine::plan([Stock::sheet('s', Size::parse('6', '6', Unit::Inch))], $pieces)->sheets[0];
            $ways = self::orders($plan->root);
            $asDrawn = $least = self::settings($ways[0]);
            foreach ($ways as $way) {
                $least = min($least, self::settings($way));
            }

            self::assertSame($least, $plan->settings());
            $fewer += (int) ($least < $asDrawn);
            Replay::of($plan, array_column(array_map(static fn (Piece $piece): array => [$piece->id, $piece], $pieces), 1, 0));
        }
        self::assertGreaterThan(2, $fewer, 'the order makes a difference');
    }

    /** @return non-empty-list<list<Split>> every order that cuts a part up before the next is taken in hand; as drawn first */
    private static function orders(Node $node): array
    {
        if (! $node instanceof Split) {
            return [[]];
        }
        $orders = [];
        foreach ([[$node->first, $node->second], [$node->second, $node->first]] as [$one, $other]) {
            foreach (self::orders($one) as $first) {
                foreach (self::orders($other) as $second) {
                    $orders[] = [$node, ...$first, ...$second];
                }
            }
        }

        return $orders;
    }

    /** @param  list<Split>  $cuts */
    private static function settings(array $cuts): int
    {
        $settings = 0;
        $last = null;
        foreach ($cuts as $cut) {
            $settings += $cut->at->units === $last ? 0 : 1;
            $last = $cut->at->units;
        }

        return $settings;
    }

    /**
     * @param  list<array{int, int, bool}>  $tiny
     * @return array{list<Stock>, array<string, Piece>}
     */
    private static function inches(int $width, int $height, int $sheets, array $tiny): array
    {
        $inch = Unit::Inch->units();
        $pieces = [];
        foreach ($tiny as $n => [$w, $h, $turn]) {
            $pieces["p$n"] = Piece::of("p$n", Size::ofUnits($w * $inch, $h * $inch), $turn);
        }

        return [
            array_map(
                static fn (int $n): Stock => Stock::sheet("s$n", Size::ofUnits($width * $inch, $height * $inch)),
                range(1, $sheets),
            ),
            $pieces,
        ];
    }

    /** @param  array<string, Piece>  $pieces by id */
    private static function assertCutsAll(CutPlan $plan, array $pieces): void
    {
        $cut = array_merge([], ...array_map(static fn (SheetPlan $sheet): array => Replay::of($sheet, $pieces), $plan->sheets));
        self::assertEqualsCanonicalizing(array_keys($pieces), $cut);
    }
}
