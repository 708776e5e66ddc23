<?php

namespace Tests\Core;

use KeepShare\Core\Cut\BadPlan;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\LowerBound;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\BruteForce;
use Tests\Core\Support\Replay;

final class PlannerTest extends TestCase
{
    public function test_two_from_one_with_a_strip_left(): void
    {
        $plan = Planner::plan([self::sheet('a'), self::sheet('b')], [self::piece('1', '3', '4 1/4'), self::piece('2', '3', '4 1/4')]);

        self::assertTrue($plan->isProven());
        self::assertSame(1, $plan->sheetsOpened());
        self::assertSame(['6 × 1 3/4'], self::offcuts($plan));
        self::assertSame(2, count($plan->sheets[0]->cuts()));
    }

    public function test_six_one_inch_strips_come_out_of_a_six_inch_sheet(): void
    {
        $pieces = array_map(static fn (int $n): Piece => self::piece("$n", '6', '1'), range(1, 6));
        $plan = Planner::plan([self::sheet('a')], $pieces);

        self::assertTrue($plan->isComplete());
        self::assertSame([], self::offcuts($plan));
        self::assertSame(5, count($plan->sheets[0]->cuts()));
        self::assertSame(1, $plan->sheets[0]->settings(), 'the guide stays where it is');
    }

    public function test_a_directional_print_is_not_turned_to_fit(): void
    {
        $upright = Planner::plan([self::offcut('a', '6', '2')], [Piece::of('1', Size::parse('1 1/2', '5', Unit::Inch), false)]);
        $either = Planner::plan([self::offcut('a', '6', '2')], [Piece::of('1', Size::parse('1 1/2', '5', Unit::Inch), true)]);

        self::assertFalse($upright->isComplete());
        self::assertSame('1', $upright->unplaced[0]->id);
        self::assertTrue($either->isComplete());
    }

    public function test_offcuts_are_used_before_a_sheet_is_opened(): void
    {
        $plan = Planner::plan([self::sheet('whole'), self::offcut('rest', '2', '5 1/2')], [self::piece('1', '2', '5')]);

        self::assertSame(0, $plan->sheetsOpened());
        self::assertSame('rest', $plan->sheets[0]->stock->id);
    }

    public function test_the_leftover_is_one_large_piece_rather_than_two_thin_ones(): void
    {
        $plan = Planner::plan([self::sheet('a')], [self::piece('1', '2', '2')]);

        self::assertContains('4 × 6', [
            ...self::offcuts($plan),
            ...array_map(
                static fn (string $s): string => implode(' × ', array_reverse(explode(' × ', $s))),
                self::offcuts($plan),
            ),
        ]);
    }

    public function test_every_plan_can_be_cut_and_loses_no_paper(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($case = 0; $case < 400; $case++) {
            $stock = [];
            for ($n = $random->getInt(1, 4); $n > 0; $n--) {
                $size = Size::ofUnits($random->getInt(20, 60) * 25_400, $random->getInt(20, 60) * 25_400);
                $stock[] = $random->getInt(0, 2) > 0 ? Stock::sheet("s$n", $size) : Stock::offcut("s$n", $size);
            }
            $pieces = [];
            for ($n = $random->getInt(1, 14); $n > 0; $n--) {
                $pieces["p$n"] = Piece::of(
                    "p$n",
                    Size::ofUnits($random->getInt(1, 45) * 25_400, $random->getInt(1, 45) * 12_700),
                    $random->getInt(0, 1) === 1,
                );
            }
            $plan = Planner::plan($stock, array_values($pieces));
            $cut = array_merge([], ...array_map(static fn (SheetPlan $sheet): array => Replay::of($sheet, $pieces), $plan->sheets));
            $left = array_map(static fn (Piece $piece): string => $piece->id, $plan->unplaced);
            self::assertEqualsCanonicalizing(array_keys($pieces), [...$cut, ...$left], 'every piece once, or said to be left out');
            self::assertGreaterThanOrEqual($plan->lowerBound, $plan->sheetsOpened());
        }
    }

    public function test_the_bound_never_exceeds_the_optimum_and_small_plans_meet_it(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $cases = 0;
        $missed = 0;
        for ($case = 0; $case < 600; $case++) {
            $width = $random->getInt(3, 7);
            $height = $random->getInt(3, 7);
            $tiny = [];
            for ($n = $random->getInt(1, 5); $n > 0; $n--) {
                $tiny[] = [$random->getInt(1, 5), $random->getInt(1, 5), $random->getInt(0, 1) === 1];
            }
            $least = BruteForce::leastSheets($width, $height, $tiny, 3);
            if ($least === null) {
                continue;
            }
            $cases++;
            $inch = Unit::Inch->units();
            $stock = array_map(
                static fn (int $n): Stock => Stock::sheet("s$n", Size::ofUnits($width * $inch, $height * $inch)),
                range(1, 3),
            );
            $pieces = array_map(
                static fn (array $p, int $n): Piece => Piece::of(
                    "p$n",
                    Size::ofUnits($p[0] * $inch, $p[1] * $inch),
                    $p[2],
                ),
                $tiny,
                array_keys($tiny),
            );

            self::assertLessThanOrEqual($least, LowerBound::strong($stock, $pieces), 'a bound above the optimum is a lie');
            self::assertLessThanOrEqual(LowerBound::strong($stock, $pieces), LowerBound::sheets($stock, $pieces));
            $plan = Planner::plan($stock, $pieces);
            self::assertTrue($plan->isComplete(), 'what can be cut from three sheets is');
            $missed += $plan->sheetsOpened() > $least ? 1 : 0;
        }
        self::assertGreaterThan(300, $cases);
        self::assertLessThanOrEqual(
            intdiv($cases, 100),
            $missed,
            'a heuristic may open a sheet too many, but in no more than one case in a hundred',
        );
    }

    public function test_the_same_question_gets_the_same_answer(): void
    {
        $pieces = array_map(static fn (int $n): Piece => self::piece("$n", (string) (1 + $n % 3), (string) (1 + $n % 4)), range(1, 12));
        $stock = [self::sheet('a'), self::sheet('b'), self::offcut('c', '3', '4')];

        self::assertEquals(Planner::plan($stock, $pieces), Planner::plan($stock, $pieces));
    }

    public function test_a_plan_survives_being_written_down(): void
    {
        $plan = Planner::plan([self::sheet('a')], [self::piece('1', '3', '4 1/4'), self::piece('2', '2', '1')])->sheets[0];

        self::assertEquals($plan, SheetPlan::fromArray($plan->stock, $plan->toArray()));

        $this->expectException(BadPlan::class);
        SheetPlan::fromArray($plan->stock, ['cut' => 'down', 'at' => Length::inches(7)->units, 'first' => [], 'second' => []]);
    }

    private static function sheet(string $id): Stock
    {
        return Stock::sheet($id, Size::parse('6', '6', Unit::Inch));
    }

    private static function offcut(string $id, string $width, string $height): Stock
    {
        return Stock::offcut($id, Size::parse($width, $height, Unit::Inch));
    }

    private static function piece(string $id, string $width, string $height): Piece
    {
        return Piece::of($id, Size::parse($width, $height, Unit::Inch), false);
    }

    /** @return list<string> */
    private static function offcuts(CutPlan $plan): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (SheetPlan $sheet): array => array_map(
                    static fn ($leaf): string => $leaf->rect()->size->format(Unit::Inch),
                    $sheet->offcuts(),
                ),
                $plan->sheets,
            ),
        );
    }
}
