<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Knapsack;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Sheetwise;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\LinearProgram\LinearProgram;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Replay;
use Tools\Bench\ScarceKit;

/** Cards by the cutting patterns of their sheets, each part compared with an independent brute force. */
final class PatternTest extends TestCase
{
    public function test_a_linear_program_of_two_activities_ends_in_the_best_corner(): void
    {
        $random = new Randomizer(new Mt19937(1));
        for ($n = 0; $n < 200; $n++) {
            $limits = array_map(static fn (): float => (float) $random->getInt(0, 40), range(1, 4));
            $takes = array_map(static fn (): array => [(float) $random->getInt(1, 9), (float) $random->getInt(1, 9)], $limits);
            $worths = [(float) $random->getInt(1, 9), (float) $random->getInt(1, 9)];
            $lp = LinearProgram::under($limits);
            $lp->add(array_column($takes, 0), $worths[0]);
            $lp->solve();
            $lp->add(array_column($takes, 1), $worths[1]);
            $lp->solve();

            self::assertEqualsWithDelta(self::bestCorner($limits, $takes, $worths), $lp->worth(), 1e-3, "programme $n");
            $prices = array_map($lp->dualPrice(...), array_keys($limits));
            $sum = array_sum(array_map(static fn (float $price, float $limit): float => $price * $limit, $prices, $limits));
            self::assertEqualsWithDelta($lp->worth(), $sum, 1e-3, 'all there is is worth as much as what is made of it');
        }
    }

    /** Strips of the full height in so many widths that they are counted in steps. The optimum is known exactly. */
    public function test_a_bound_counted_in_steps_is_never_below_the_best_and_its_pattern_never_above(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($n = 0; $n < 40; $n++) {
            $wide = $random->getInt(20_000, 40_000);
            $least = $n % 2 === 0 ? intdiv($wide, 200) : intdiv($wide, 60);
            $worths = [];
            for ($kind = 0; $kind < 7; $kind++) {
                $width = $random->getInt($least, 3 * $least);
                $worth = (float) $random->getInt($width, 2 * $width);
                $worths[$kind] = ['width' => $width, 'height' => 500, 'worth' => $worth, 'mayTurn' => false];
            }
            $pattern = Knapsack::best(Size::ofUnits($wide, 500), $worths);
            $best = array_fill(0, $wide + 1, 0.0);
            for ($at = 1; $at <= $wide; $at++) {
                foreach ($worths as ['width' => $width, 'worth' => $worth]) {
                    $best[$at] = max($best[$at], $at >= $width ? $best[$at - $width] + $worth : 0.0);
                }
            }
            self::assertGreaterThanOrEqual($best[$wide], $pattern->most, "no bound below the best, sheet $n");
            self::assertLessThanOrEqual($best[$wide], $pattern->worth, "no pattern above it, sheet $n");
            $good = Knapsack::good(Size::ofUnits($wide, 500), $worths);
            self::assertLessThanOrEqual($best[$wide], $good->worth, "nor a quick one, sheet $n");
            foreach ([$pattern, $good] as $one) {
                $used = 0;
                foreach ($one->counts as $kind => $many) {
                    $used += $many * $worths[$kind]['width'];
                }
                self::assertLessThanOrEqual($wide, $used, "and it fits, sheet $n");
            }
        }
    }

    public function test_strips_narrower_than_a_step_are_not_counted_wider(): void
    {
        $unit = static fn (float $inches): int => (int) round($inches * 203_200);
        $worths = array_map(
            static fn (float $wide): array => ['width' => $unit($wide), 'height' => $unit(12), 'worth' => 1.0, 'mayTurn' => false],
            [0.09, 0.0917, 0.0931, 0.0953, 0.0967, 0.0979],
        );
        $most = Knapsack::best(Size::ofUnits($unit(12), $unit(12)), $worths)->most;

        self::assertGreaterThanOrEqual(intdiv($unit(12), $unit(0.09)), $most);
    }

    public function test_no_cutting_of_a_sheet_is_worth_more_than_its_best_pattern(): void
    {
        $random = new Randomizer(new Mt19937(2));
        for ($n = 0; $n < 120; $n++) {
            $sheet = Size::ofUnits($random->getInt(4, 11), $random->getInt(4, 11));
            $worths = [];
            for ($kind = 0; $kind < $random->getInt(1, 4); $kind++) {
                $worths[$kind] = [
                    'width' => $random->getInt(1, 6),
                    'height' => $random->getInt(1, 6),
                    'worth' => (float) $random->getInt(1, 30),
                    'mayTurn' => $random->getInt(0, 1) === 1,
                ];
            }
            $pattern = Knapsack::best($sheet, $worths);
            $known = [];
            self::assertSame(self::mostWorth($sheet->width->units, $sheet->height->units, $worths, $known), $pattern->worth, "sheet $n");
            if ($pattern->box === null) {
                continue;
            }
            $plan = SheetPlan::of(Stock::sheet('s', $sheet), $pattern->box->cutFrom(Rect::whole($sheet)));
            $counts = array_count_values(array_map(static fn ($leaf): string => (string) $leaf->piece, $plan->pieces()));
            self::assertEqualsCanonicalizing(
                $pattern->counts,
                array_combine(array_map(intval(...), array_keys($counts)), array_values($counts)),
            );
        }
    }

    public function test_what_sheets_are_cut_into_is_planned_again_from_the_pieces_alone(): void
    {
        $tried = $planned = 0;
        for ($seed = 0; $seed < 5; $seed++) {
            $table = Inventory::unpacked(ScarceKit::of($seed))->under(Preferences::asManyAsPossible());
            foreach (ColumnGeneration::on($table)->most(Preferences::MOST_CARDS)->plans as $component => $plans) {
                $pieces = [];
                foreach ($plans as $n => $plan) {
                    foreach ($plan->pieces() as $m => $leaf) {
                        $pieces[] = Piece::of("$n/$m", $leaf->rect()->size, $n % 2 === 0);
                    }
                }
                $stock = array_map(static fn (SheetPlan $plan): Stock => $plan->stock, $plans);
                $again = Engine::plan($stock, $pieces);
                $tried++;
                $planned += (int) $again->isComplete();
                $byId = array_column(array_map(static fn (Piece $piece): array => [$piece->id, $piece], $pieces), 1, 0);
                foreach ($again->sheets as $sheet) {
                    Replay::of($sheet, $byId);
                }
                $turned = Sheetwise::plan($stock, array_reverse($pieces), Trimmer::usual());
                self::assertSame(Sheetwise::plan($stock, $pieces, Trimmer::usual()) === null, $turned === null, 'in whatever order');
            }
        }
        self::assertGreaterThanOrEqual((int) (0.9 * $tried), $planned, "of $tried");
    }

    public function test_a_prepared_sheet_gives_each_of_its_pieces_once_and_the_right_way_up(): void
    {
        $worth = ['width' => 3, 'height' => 2, 'worth' => 1.0, 'mayTurn' => false];
        $sheet = Size::ofUnits(6, 2);
        $box = Knapsack::best($sheet, [$worth])->box ?? self::fail('Two go on it.');
        $prepared = Prepared::by([SheetPlan::of(Stock::sheet('s', $sheet), $box->cutFrom(Rect::whole($sheet)))]);
        $piece = static fn (string $id, int $w, int $h, bool $mayTurn): Piece => Piece::of($id, Size::ofUnits($w, $h), $mayTurn);

        self::assertTrue($prepared->plan([$piece('a', 3, 2, false), $piece('b', 2, 3, true)])->isComplete());
        self::assertFalse($prepared->plan([$piece('a', 2, 3, false)])->isComplete(), 'it would lie on its side');
        self::assertFalse($prepared->plan([$piece('a', 3, 1, true)])->isComplete(), 'only in its very size');
        $three = $prepared->plan([$piece('a', 3, 2, true), $piece('b', 3, 2, false), $piece('c', 3, 2, true)]);
        self::assertCount(1, $three->unplaced);
        self::assertCount(1, $prepared->plan([$piece('a', 3, 2, true)])->sheets[0]->offcuts(), 'what no one wants stays in one piece');
    }

    public function test_whatever_is_wished_for_no_search_finds_more_than_the_bound(): void
    {
        for ($seed = 0; $seed < 4; $seed++) {
            $laying = Inventory::unpacked($seed % 2 === 0 ? ScarceKit::of(100 + $seed) : Kits::random($seed));
            $table = $laying->under(self::wishes($seed));
            $bound = ColumnGeneration::on($table)->bound;
            $cards = Stretch::most($table);
            self::assertLessThanOrEqual($bound->cards, count($cards), "kit $seed");
            self::assertLessThanOrEqual($bound->cards, count(Sharer::most($table)), "kit $seed");
            self::assertLessThanOrEqual(Bound::byCount($table)->cards, $bound->cards);
        }
    }

    public function test_scarce_kits_give_all_but_a_card_of_what_they_can(): void
    {
        $above = 0;
        for ($seed = 200; $seed < 204; $seed++) {
            $table = Inventory::unpacked(ScarceKit::of($seed))->under(Preferences::asManyAsPossible());
            $gap = min(Preferences::MOST_CARDS, ColumnGeneration::on($table)->bound->cards) - count(Stretch::most($table));
            $above += (int) ($gap > 1);
        }
        self::assertLessThanOrEqual(1, $above, 'of four kits');
    }

    public function test_the_bound_says_what_it_goes_by(): void
    {
        $scarce = Inventory::unpacked(ScarceKit::of(1))->under(Preferences::asManyAsPossible());
        $bound = ColumnGeneration::on($scarce)->bound;
        self::assertSame(['patterns', Need::Paper], [$bound->how, $bound->need]);
        $orchard = Inventory::unpacked(Kits::demo('windfall-orchard'))->under(Preferences::asManyAsPossible());
        $bound = ColumnGeneration::on($orchard)->bound;
        self::assertSame([18, 'counts', Need::Base], [$bound->cards, $bound->how, $bound->need]);
        $cards = Stretch::most($orchard);
        self::assertCount(18, $cards, 'nine heavy sheets give eighteen bases, and no card is without words');
        self::assertSame('one more base', Outlook::beyond($orchard->after(...$cards))?->wants());
        self::assertGreaterThan(2, count(array_unique(array_map(static fn (Card $card): string => $card->sketch->key, $cards))));
    }

    public function test_pictures_that_are_cut_out_of_prints_and_panels_count_for_the_bound(): void
    {
        $kit = Kits::without(Kind::DieCut, Kind::Sticker, Kind::LayeredPicture, Kind::Tool);
        $words = array_filter(Kits::demo()->components, static fn ($one): bool => $one->words() !== null);
        $with = Kit::of($kit->name, $kit->unit, $kit->front, 10, null, [...$kit->components, ...self::missing($kit, $words)]);
        foreach ([3, 10, 30] as $many) {
            $table = Inventory::unpacked($with)->under(Preferences::cards($many)->withPictures());
            $found = count(Stretch::most($table));
            self::assertGreaterThan(0, $found);
            self::assertLessThanOrEqual(ColumnGeneration::on($table)->bound->cards, $found);
        }
    }

    /**
     * @param  array<int, Component>  $components
     * @return list<Component> those that a kit lacks
     */
    private static function missing(Kit $kit, array $components): array
    {
        $ids = array_column($kit->components, 'id');

        return array_values(array_filter($components, static fn (Component $one): bool => ! in_array($one->id, $ids, true)));
    }

    /** Wishes of all kinds together, different for every seed. */
    private static function wishes(int $seed): Preferences
    {
        $random = new Randomizer(new Mt19937($seed));
        $is = static fn (): bool => $random->getInt(0, 3) === 0;

        return Preferences::cards($random->getInt(1, 30))
            ->saying([WordsAgain::WhenOut, WordsAgain::Once, WordsAgain::Freely][$random->getInt(0, 2)])
            ->inEnvelopes($is())
            ->savingOne($is())
            ->withPictures($is())
            ->alike($is() ? 2 : null)
            ->framed($is() ? Length::zero() : null)
            ->inSetsOf($is() ? 3 : 1);
    }

    /**
     * @param  list<float>  $limits
     * @param  list<array{float, float}>  $takes
     * @param  array{float, float}  $worths
     */
    private static function bestCorner(array $limits, array $takes, array $worths): float
    {
        $lines = array_map(static fn (array $take, float $limit): array => [...$take, $limit], $takes, $limits);
        array_push($lines, [1.0, 0.0, 0.0], [0.0, 1.0, 0.0]);
        $best = 0.0;
        foreach ($lines as [$a, $b, $c]) {
            foreach ($lines as [$d, $e, $f]) {
                $under = $a * $e - $b * $d;
                if (abs($under) < 1e-9) {
                    continue;
                }
                [$x, $y] = [($c * $e - $b * $f) / $under, ($a * $f - $c * $d) / $under];
                $isAllowed = $x >= -1e-9 && $y >= -1e-9;
                foreach ($takes as $n => [$one, $other]) {
                    $isAllowed = $isAllowed && $one * $x + $other * $y <= $limits[$n] + 1e-9;
                }
                $best = $isAllowed ? max($best, $worths[0] * $x + $worths[1] * $y) : $best;
            }
        }

        return $best;
    }

    /**
     * @param  array<int, array{width: int, height: int, worth: float, mayTurn: bool}>  $worths
     * @param  array<string, float>  $known
     */
    private static function mostWorth(int $width, int $height, array $worths, array &$known): float
    {
        if (isset($known["$width/$height"])) {
            return $known["$width/$height"];
        }
        $best = 0.0;
        foreach ($worths as ['width' => $w, 'height' => $h, 'worth' => $worth, 'mayTurn' => $mayTurn]) {
            $fits = ($w <= $width && $h <= $height) || ($mayTurn && $h <= $width && $w <= $height);
            $best = $fits ? max($best, $worth) : $best;
        }
        for ($at = 1; $at < $width; $at++) {
            $best = max($best, self::mostWorth($at, $height, $worths, $known) + self::mostWorth($width - $at, $height, $worths, $known));
        }
        for ($at = 1; $at < $height; $at++) {
            $best = max($best, self::mostWorth($width, $at, $worths, $known) + self::mostWorth($width, $height - $at, $worths, $known));
        }

        return $known["$width/$height"] = $best;
    }
}
