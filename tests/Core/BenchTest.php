<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Halt;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Jobs;
use KeepShare\Core\Bench\Kind\DryFit;
use KeepShare\Core\Bench\Kind\TreatPart;
use KeepShare\Core\Bench\Left;
use KeepShare\Core\Bench\MakingPlan;
use KeepShare\Core\Bench\Pace;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Runs;
use KeepShare\Core\Bench\RunSearch;
use KeepShare\Core\Bench\School;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Kits;

/** Steps of cards, and their runs. */
final class BenchTest extends TestCase
{
    public function test_a_card_becomes_steps_in_the_order_of_the_craft(): void
    {
        foreach ([Kits::demo(), Kits::demo('windfall-orchard'), Kits::demo('knitted-hills')] as $kit) {
            foreach (self::cards($kit, 10) as $steps) {
                $places = array_flip(array_column($steps, 'id'));
                self::assertCount(count($steps), $places, 'each has an id of its own');
                $fit = array_values(array_filter($steps, static fn (Step $step): bool => $step->kind === 'dry-fit'));
                self::assertCount(1, $fit);
                foreach ($steps as $step) {
                    self::assertNotSame('', $step->says);
                    foreach ($step->after as $id) {
                        self::assertLessThan($places[$step->id], $places[$id]);
                    }
                    // Cutting, stamping and tying come before fitting. Gluing, foam and trimming come after it.
                    self::assertSame(
                        in_array($step->kind, ['score', 'shape', 'cut-picture', 'stamp', 'stamp-picture', 'tie'], true),
                        self::comesBefore($step, $fit[0], $steps),
                        $step->id,
                    );
                    self::assertSame($step->phase->value > Phase::Fitted->value, self::comesBefore($fit[0], $step, $steps), $step->id);
                }
            }
        }
    }

    public function test_what_is_done_to_a_part_is_done_before_it_is_glued_and_in_its_order(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(1));
        $card = Sharer::most($table)[0];
        $part = $card->layout($table->unit)->parts[0]->part->id;
        $keys = ['edge', 'heat-emboss', 'emboss', 'corners'];
        $treated = array_map(static fn (string $key): Treated => Treated::by($key, null, 'two corners'), $keys);
        $card = $card->fitted(array_map(
            static fn (Taking $taking): Taking => $taking->part === $part ? $taking->treated($treated) : $taking,
            $card->takings,
        ));
        $steps = StepKinds::stepsOf(CardAtBench::of($card, $table->components, $table->unit));
        $of = static fn (string $kind): Step => array_column($steps, null, 'kind')[$kind];

        foreach (['corners' => 'emboss', 'emboss' => 'heat-emboss', 'heat-emboss' => 'edge', 'edge' => 'dry-fit'] as $one => $other) {
            self::assertTrue(self::comesBefore($of($one), $of($other), $steps), "$one before $other");
        }
        self::assertStringContainsString('Round two corners of the', $of('corners')->says);
        self::assertNotSame([], $of('heat-emboss')->cautions);
        $kinds = array_filter(StepKinds::all(), static fn (StepKind $kind): bool => $kind instanceof TreatPart);
        self::assertCount(count(Treatments::all()), $kinds);
    }

    public function test_what_a_piece_lies_on_is_laid_before_it(): void
    {
        $seen = ['under the picture' => 0, 'over the picture' => 0, 'on foam' => 0];
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(10));
        foreach (Composer::on($table, Sharer::most($table)) as $card) {
            $lifted = $card->arrangement?->changing('piece-1', static fn (Spot $spot): Spot => $spot->lifted());
            $bench = CardAtBench::of($card->arranged($lifted), $table->components, $table->unit);
            $steps = StepKinds::stepsOf($bench);
            $order = array_keys($bench->front->group->pieces ?? []);
            $lays = array_filter($steps, static fn (Step $step): bool => in_array($step->kind, ['piece', 'focal', 'words'], true));
            $lays = array_combine(array_map(static fn (Step $step): string => $step->pieces[0], $lays), $lays);
            foreach ($bench->front->group->pieces ?? [] as $part => $piece) {
                foreach (array_intersect_key($lays, array_flip($piece->under)) as $under => $step) {
                    self::assertLessThan(array_search($part, $order, true), array_search($under, $order, true));
                    self::assertTrue(self::comesBefore($step, $lays[$part], $steps), "card $card->number: $under before $part");
                    $seen['under the picture'] += (int) ($part === 'focal');
                    $seen['over the picture'] += (int) ($under === 'focal');
                }
                if (isset($lays[$part]) && $lays[$part]->kind === 'piece') {
                    $isLifted = $piece->spot->isLifted && $piece->up > 0;
                    self::assertSame($isLifted, $lays[$part]->tool->key === HandTool::foam()->key, "card $card->number: $part");
                    self::assertStringContainsString('from the left edge', $lays[$part]->says);
                    $seen['on foam'] += (int) $isLifted;
                }
            }
        }
        foreach ($seen as $what => $times) {
            self::assertGreaterThan(0, $times, "a piece $what was seen");
        }
    }

    public function test_only_what_nothing_stands_between_is_named_before_a_step(): void
    {
        $steps = self::cards(Kits::demo(), 3)[0];
        $before = [];
        foreach ($steps as $step) {
            foreach ($step->after as $id) {
                foreach ($step->after as $other) {
                    self::assertNotContains($id, $before[$other], "$step->id names $id, and $other after it");
                }
            }
            $before[$step->id] = array_merge($step->after, ...array_map(static fn (string $id): array => $before[$id], $step->after));
        }
        self::assertNotSame([], $before);
    }

    /** @return iterable<int, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_few_steps_are_planned_as_well_as_the_best_of_all_orders(int $seed): void
    {
        $jobs = Jobs::of(self::madeUp($seed, 6));
        $best = null;
        foreach (self::orders(range(0, $jobs->many() - 1)) as $order) {
            $worth = self::replayed($jobs, $order);
            $best = $worth !== null && ($best === null || $worth < $best) ? $worth : $best;
        }
        $found = Runs::of($jobs);

        self::assertSame($best, [$found->setUps, $found->seconds(), array_sum($found->complete)]);
        self::assertSame($best, self::replayed($jobs, $found->steps), 'and it is what it says');
        $searched = Runs::after($jobs, null);
        self::assertSame($found->setUps, $searched->setUps, 'the search for many steps has as few set-ups');
        self::assertGreaterThanOrEqual(RunSearch::on($jobs)->bound(), $found->setUps);
        foreach (School::cases() as $school) {
            $plan = MakingPlan::of(self::madeUp($seed, 6), $school);
            self::assertLessThanOrEqual($plan->order->setUps, $plan->leastSetUps);
            self::assertLessThanOrEqual($plan->order->seconds(), $plan->leastSeconds);
            self::assertGreaterThanOrEqual($found->setUps, $plan->order->setUps);
        }
    }

    public function test_however_many_cards_every_step_is_done_once_in_order_by_one_pair_of_hands(): void
    {
        $several = 0;
        foreach (range(1, 12) as $seed) {
            $cards = array_slice(self::cards(Kits::random($seed), 12), 0, 12);
            foreach ($cards === [] ? [] : School::cases() as $school) {
                $plan = MakingPlan::of(array_merge(...$cards), $school);
                $worth = self::replayed($plan->jobs, $plan->order->steps);
                self::assertSame([$plan->order->setUps, $plan->order->seconds(), array_sum($plan->order->complete)], $worth);
                self::assertSame(count($plan->runs()), $plan->order->setUps);
                self::assertLessThanOrEqual($plan->order->setUps, $plan->leastSetUps);
                self::assertLessThanOrEqual($plan->order->seconds(), $plan->leastSeconds);
                if ($school === School::Cards) {
                    self::assertSame(count($cards), self::changesOfCard($plan), 'each is finished before the next');
                }
                $several++;
            }
        }
        self::assertGreaterThan(15, $several);
    }

    public function test_all_in_runs_takes_up_fewer_tools_than_card_by_card_and_less_time(): void
    {
        $steps = array_merge(...self::cards(Kits::demo(), 10));
        $runs = MakingPlan::of($steps, School::Runs);
        $cards = MakingPlan::of($steps, School::Cards);

        self::assertSame($runs->leastSetUps, $runs->order->setUps, 'proven');
        self::assertGreaterThan(3 * $runs->order->setUps, $cards->order->setUps);
        self::assertGreaterThan($runs->order->seconds(), $cards->order->seconds());
        self::assertLessThan(1.1 * $runs->leastSeconds, $runs->order->seconds());
        self::assertLessThan(2.5 * 3_600, $runs->order->seconds(), 'ten simple cards take some two hours');
        self::assertGreaterThan(1.2 * 3_600, $runs->order->seconds());
    }

    /** @return list<array{int}> */
    public static function times(): array
    {
        return [[1], [10], [25], [45], [90], [600]];
    }

    #[DataProvider('times')]
    public function test_a_time_limit_says_where_to_stop_with_the_most_complete_and_with_nothing_wet(int $minutes): void
    {
        $steps = array_merge(...self::cards(Kits::demo(), 8));
        foreach (School::cases() as $school) {
            $plan = MakingPlan::within($steps, $school, 60 * $minutes);
            self::assertNotNull(self::replayed($plan->jobs, $plan->order->steps));
            $most = Halt::latest($plan, 60 * $minutes);
            $clean = Halt::clean($plan, 60 * $minutes);
            foreach ([$most, $clean] as $halt) {
                self::assertLessThanOrEqual(60 * $minutes, $halt->at);
                self::assertCount(8, [...$halt->complete, ...array_keys($halt->left)]);
                foreach ($halt->complete as $card) {
                    self::assertLessThanOrEqual(60 * $minutes, $plan->order->complete[$card]);
                }
            }
            self::assertGreaterThanOrEqual(count($clean->complete), count($most->complete));
            self::assertGreaterThanOrEqual($clean->at, $most->at);
            self::assertSame([], array_filter($clean->left, static fn (Left $left): bool => ! $left->isClean()));
            self::assertCount($minutes === 600 ? 8 : count($most->complete), $most->complete);
        }
        $runs = MakingPlan::within($steps, School::Runs, 60 * $minutes);
        self::assertSame($runs->order->seconds(), array_sum($runs->spent()), 'work, tools and waiting are all of it');
        $halt = Halt::clean($runs, 60 * $minutes);
        self::assertLessThanOrEqual(60 * $minutes, $halt->dry, 'nothing is wet when the time is over');
        self::assertGreaterThan($minutes < 45 ? -1 : 2, count(Halt::clean($runs, 60 * $minutes)->complete));
    }

    public function test_a_pace_is_learnt_from_five_steps_of_a_kind_with_the_usual_figure_among_them(): void
    {
        $kind = new DryFit;
        $pace = static fn (int ...$marked): int => Pace::learnt(['dry-fit' => array_values($marked)])->of($kind);

        self::assertSame(30, Pace::ofTheCraft()->of($kind));
        self::assertSame(30, $pace(90), 'once is no habit');
        self::assertSame(30, $pace(90, 90, 90, 90), 'four are not enough');
        self::assertSame(90, $pace(90, 90, 90, 90, 90));
        self::assertSame(90, $pace(90, 90, 5_000, 90, 90, 90, 1), 'what was forgotten or hurried is left out');
        self::assertSame(30, $pace(1, 90, 90, 90, 90), 'and is none of the five');
        $step = self::step('1/a', 1, 'glue', 60, 0, [], $kind);
        $slow = Pace::learnt(['dry-fit' => [90, 90, 90, 90, 90]]);
        self::assertSame(180, $slow->paced($step)->seconds, 'what takes twice as long takes this maker so too');
    }

    /**
     * The steps of the cards of a shared-out kit.
     *
     * @return list<list<Step>>
     */
    private static function cards(Kit $kit, int $many): array
    {
        $table = Inventory::unpacked($kit)->under(Preferences::cards($many));

        return array_map(
            static fn (Card $card): array => StepKinds::stepsOf(CardAtBench::of($card, $table->components, $table->unit)),
            Sharer::most($table),
        );
    }

    /** @param  list<Step>  $steps */
    private static function comesBefore(Step $one, Step $other, array $steps): bool
    {
        $known = array_column($steps, null, 'id');
        $open = $other->after;
        while ($open !== []) {
            $id = array_pop($open);
            if ($id === $one->id) {
                return true;
            }
            array_push($open, ...$known[$id]->after);
        }

        return false;
    }

    /** @return list<Step> of two or three cards, with any order, tools, times and waits */
    private static function madeUp(int $seed, int $many): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $cards = $random->getInt(1, 3);
        $steps = [];
        for ($n = 0; $n < $many; $n++) {
            $card = $n % $cards + 1;
            $own = array_column(array_filter($steps, static fn (Step $step): bool => $step->card === $card), 'id');
            $after = array_values(array_filter($own, static fn (): bool => $random->getInt(0, 2) > 0));
            $tool = 'tool '.$random->getInt(1, 3);
            $steps[] = self::step("$card/$n", $card, $tool, 15 * $random->getInt(1, 8), 60 * max(0, $random->getInt(-2, 6)), $after);
        }
        // The steps of a card, one after the other.
        usort($steps, static fn (Step $a, Step $b): int => [$a->card, $a->id] <=> [$b->card, $b->id]);

        return $steps;
    }

    /** @param  list<string>  $after */
    private static function step(string $id, int $card, string $tool, int $seconds, int $wait, array $after, ?StepKind $kind = null): Step
    {
        return Step::of($card, $kind ?? new DryFit, Phase::Fitted, [$id], HandTool::of($tool, $tool), $seconds, $id, $wait)
            ->after($after);
    }

    /**
     * The figures of an order, by a clock that knows nothing of the plan. Null if it breaks the order within a card.
     *
     * @param  list<int>  $order
     * @return array{int, int, int}|null set-ups, seconds, sum of when cards are complete
     */
    private static function replayed(Jobs $jobs, array $order): ?array
    {
        self::assertSame(range(0, $jobs->many() - 1), self::sorted($order));
        [$clock, $setUps, $tool, $dry, $complete] = [0, 0, '', [], []];
        foreach ($order as $n) {
            $step = $jobs->steps[$n];
            if ($step->tool->key !== $tool) {
                [$clock, $setUps, $tool] = [$clock + HandTool::SET_UP, $setUps + 1, $step->tool->key];
            }
            foreach ($step->after as $id) {
                if (! isset($dry[$id])) {
                    return null;
                }
                $clock = max($clock, $dry[$id]);
            }
            $clock += $step->seconds;
            $dry[$step->id] = $clock + $step->wait;
            $complete[$step->card] = max($complete[$step->card] ?? 0, $dry[$step->id]);
        }

        return [$setUps, max([$clock, ...$complete]), array_sum($complete)];
    }

    private static function changesOfCard(MakingPlan $plan): int
    {
        $changes = 0;
        $last = 0;
        foreach ($plan->order->steps as $n) {
            $card = $plan->jobs->steps[$n]->card;
            $changes += (int) ($card !== $last);
            $last = $card;
        }

        return $changes;
    }

    /**
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }

    /**
     * @param  list<int>  $numbers
     * @return iterable<list<int>>
     */
    private static function orders(array $numbers): iterable
    {
        if ($numbers === []) {
            yield [];
        }
        foreach ($numbers as $i => $first) {
            $rest = $numbers;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }
}
