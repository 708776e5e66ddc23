<?php

namespace Tests\Core;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Fill;
use KeepShare\Core\Cut\Leftover;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\BruteForce;
use Tests\Core\Support\Replay;
use Tools\Bench\Partitions;

/** What a plan considers beside sheets and pieces: margins, blemishes, the trimmer, useful leftovers, and its time. */
final class TermsTest extends TestCase
{
    public function test_no_piece_lies_on_a_margin_or_a_blemish_and_the_cuts_go_round_them(): void
    {
        $random = new Randomizer(new Mt19937(41));
        $complete = 0;
        for ($case = 0; $case < 120; $case++) {
            $eighth = Length::inches(0, 1, 8)->units;
            $margin = Length::ofUnits($eighth * $random->getInt(0, 4));
            $blemishes = [];
            for ($n = $random->getInt(0, 2); $n > 0; $n--) {
                $blemishes[] = Rect::ofUnits(
                    $eighth * $random->getInt(0, 44),
                    $eighth * $random->getInt(0, 44),
                    $eighth * $random->getInt(1, 8),
                    $eighth * $random->getInt(1, 8),
                );
            }
            $stock = [
                Stock::sheet('marred', self::inch('6', '6'))->marred($margin, $blemishes),
                Stock::sheet('good', self::inch('6', '6')),
            ];
            $pieces = [];
            for ($n = 0; $n < 5; $n++) {
                $pieces["p$n"] = Piece::of(
                    "p$n",
                    Size::ofUnits($eighth * $random->getInt(4, 30), $eighth * $random->getInt(4, 30)),
                    $random->getInt(0, 1) === 1,
                );
            }
            $plan = Engine::plan($stock, array_values($pieces));
            $complete += (int) $plan->isComplete();
            self::assertLessThanOrEqual($plan->sheetsOpened(), $plan->lowerBound);
            $cut = [];
            foreach ($plan->sheets as $sheet) {
                array_push($cut, ...Replay::of($sheet, $pieces));
                foreach ($sheet->stock->id === 'marred' ? $sheet->pieces() : [] as $leaf) {
                    self::assertTrue(Rect::whole(self::inch('6', '6'))->inset($margin)->contains($leaf->rect()), 'within the margin');
                    foreach ($blemishes as $blemish) {
                        self::assertFalse($leaf->rect()->overlaps($blemish), 'clear of the blemish');
                    }
                }
            }
            self::assertSame(count($pieces), count($cut) + count($plan->unplaced), 'each piece once');
        }
        self::assertGreaterThan(80, $complete);
    }

    public function test_a_filling_keeps_clear_of_margin_and_blemishes_and_no_cut_is_longer_than_the_trimmer(): void
    {
        $random = new Randomizer(new Mt19937(43));
        $proven = 0;
        for ($case = 0; $case < 200; $case++) {
            $inch = Length::inches(1)->units;
            $margin = $random->getInt(0, 1);
            $blemishes = $random->getInt(0, 2) > 0
                    ? []
                    : [Rect::ofUnits($inch * $random->getInt(0, 6), $inch * $random->getInt(0, 5), $inch, $inch)];
            $longest = [null, 6, 5, 4][$random->getInt(0, 3)];
            /** @var array<string, Demand> $wishes */
            $wishes = [];
            $tiny = [];
            foreach (range(1, $random->getInt(1, 3)) as $n) {
                $tiny[] = [$w, $h, $turn, $worth, $limit] = [
                    $random->getInt(1, 4),
                    $random->getInt(1, 4),
                    $random->getInt(0, 1) === 1,
                    $random->getInt(1, 20),
                    $random->getInt(1, 2),
                ];
                $wishes["p$n"] = Demand::for(
                    Piece::of("p$n", Size::ofUnits($inch * $w, $inch * $h), $turn),
                    $worth,
                    $limit,
                );
            }
            $stock = Stock::sheet('s', self::inch('7', '6'))->marred(Length::ofUnits($inch * $margin), $blemishes);
            $trimmer = Trimmer::of($longest === null ? null : Length::inches($longest), Length::inches(0, 1, 4));
            $filling = Fill::best($stock, array_values($wishes), trimmer: $trimmer);
            $pieces = array_map(static fn (Demand $wish): Piece => $wish->piece, $wishes);
            $cut = Replay::of($filling->plan, $pieces);

            self::assertSame($filling->worth, array_sum(array_map(static fn (string $id): int => $wishes[$id]->worth, $cut)));
            foreach (array_count_values($cut) as $id => $count) {
                self::assertLessThanOrEqual($wishes[$id]->limit, $count);
            }
            foreach ($filling->plan->cuts() as $one) {
                $part = $one->part()->size;
                self::assertTrue(
                    $trimmer->reaches(
                        ($one->direction() === Direction::Down ? $part->height : $part->width)->units,
                    ),
                    "case $case",
                );
            }
            foreach ($filling->plan->pieces() as $leaf) {
                self::assertTrue(Rect::whole(self::inch('7', '6'))->inset(Length::ofUnits($inch * $margin))->contains($leaf->rect()));
                self::assertSame([], array_filter($blemishes, static fn (Rect $blemish): bool => $blemish->overlaps($leaf->rect())));
            }
            // What fits within the margin without blemishes or trimmer. It is proven only if even that allows no more.
            $most = BruteForce::mostWorth(7 - 2 * $margin, 6 - 2 * $margin, $tiny);
            self::assertGreaterThanOrEqual($most, $filling->upperBound, "case $case");
            self::assertTrue(! $filling->isProven() || $filling->worth === $most, "case $case");
            $proven += (int) $filling->isProven();
        }
        self::assertGreaterThan(60, $proven);
    }

    public function test_the_rest_beside_a_bent_corner_stays_in_use(): void
    {
        $bent = Stock::sheet('bent', self::inch('6', '6'))->marred(Length::zero(), [
            Rect::ofUnits(0, 0, Length::inches(1)->units, Length::inches(1)->units),
        ]);
        $pieces = [
            Piece::of('large', self::inch('5', '6'), false),
            Piece::of('small', self::inch('1', '5'), false),
        ];

        $plan = Engine::plan([$bent, Stock::sheet('good', self::inch('6', '6'))], $pieces);
        self::assertSame([1, []], [$plan->sheetsOpened(), $plan->unplaced], 'beside and below the corner, from one sheet');
    }

    public function test_no_cut_is_longer_than_the_trimmer(): void
    {
        $short = Terms::usual()->with(Trimmer::of(Length::inches(8, 1, 2), Length::inches(0, 1, 4)));
        $stock = [Stock::sheet('a4', self::inch('8 1/2', '11')), Stock::sheet('square', self::inch('12', '12'))];
        $pieces = [
            Piece::of('base', self::inch('8 1/2', '5 1/2'), false),
            Piece::of('long', self::inch('4', '11'), false),
            Piece::of('wide', self::inch('12', '6'), false),
        ];

        $plan = Engine::plan($stock, $pieces, $short);
        foreach ($plan->sheets as $sheet) {
            foreach ($sheet->cuts() as $cut) {
                $part = $cut->part()->size;
                self::assertLessThanOrEqual(
                    Length::inches(8, 1, 2)->units,
                    $cut->direction()->value === 'down' ? $part->height->units : $part->width->units,
                );
            }
        }
        self::assertSame(
            ['long', 'wide'],
            array_map(static fn (Piece $piece): string => $piece->id, $plan->unplaced),
            'no cut of 11 or 12 in can be made',
        );
        self::assertSame([], Engine::plan($stock, $pieces)->unplaced);
    }

    public function test_of_plans_with_as_few_sheets_the_one_with_the_most_useful_leftovers_is_taken(): void
    {
        // One cut leaves 6 × 1 3/4. The other leaves 4 × 1 3/4 and 2 × 6, and only that holds a 2 × 5 strip.
        $stock = [Stock::sheet('s', self::inch('6', '6'))];
        $pieces = [Piece::of('panel', self::inch('4', '4 1/4'), false)];
        $strip = Leftover::sizes([Demand::for(Piece::of('strip', self::inch('2', '5'), false), 1_000, 1)], self::inch('6', '6'));
        $banner = Leftover::sizes([Demand::for(Piece::of('banner', self::inch('6', '1 1/2'), false), 1_000, 1)], self::inch('6', '6'));

        self::assertSame(['2 × 6', '4 × 1 3/4'], self::leftovers(Engine::plan($stock, $pieces, Terms::usual()->leaving($strip))));
        self::assertSame(['2 × 4 1/4', '6 × 1 3/4'], self::leftovers(Engine::plan($stock, $pieces, Terms::usual()->leaving($banner))));
    }

    public function test_more_tries_are_never_worse_the_same_seed_says_the_same_and_it_can_be_stopped(): void
    {
        $random = new Randomizer(new Mt19937(43));
        for ($case = 0; $case < 2; $case++) {
            $pieces = Partitions::of($random, 2, 14, 96, 12_700, true);
            $stock = array_map(static fn (int $n): Stock => Stock::sheet("s$n", self::inch('6', '6')), range(1, 5));
            $useful = Leftover::sizes(
                [Demand::for(Piece::of('u', self::inch('2', '3'), true), 100, 1)],
                self::inch('6', '6'),
            ) ?? self::fail('The size is of use.');
            $last = null;
            foreach ([0, 13, 26] as $tries) {
                $terms = Terms::usual()->leaving($useful)->trying($tries, 5);
                $plan = Engine::plan($stock, $pieces, $terms);
                self::assertEquals($plan, Engine::plan($stock, $pieces, $terms));
                $now = [count($plan->unplaced), $plan->sheetsOpened()];
                self::assertLessThanOrEqual($last ?? $now, $now);
                $last = $now;
            }
            $asked = 0;
            $stopped = Engine::plan(
                $stock,
                $pieces,
                Terms::usual()
                    ->leaving($useful)
                    ->trying(1_000, 5, static function () use (&$asked): bool {
                        return ++$asked < 4;
                    }),
            );
            self::assertLessThan(8, $asked, 'it ends soon after it is told to');
            self::assertGreaterThanOrEqual($last, [count($stopped->unplaced), $stopped->sheetsOpened()], 'what is found stands');
        }
    }

    /** @return list<string> */
    private static function leftovers(CutPlan $plan): array
    {
        $sizes = array_map(
            static fn ($leaf): string => $leaf->rect()->size->format(Unit::Inch),
            array_merge([], ...array_map(static fn (SheetPlan $sheet): array => $sheet->offcuts(), $plan->sheets)),
        );
        sort($sizes);

        return $sizes;
    }

    private static function inch(string $width, string $height): Size
    {
        return Size::parse($width, $height, Unit::Inch);
    }
}
