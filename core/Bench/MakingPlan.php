<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** When each step is done, in which runs, and how good the plan is. */
final readonly class MakingPlan
{
    /**
     * @param  int  $leastSetUps  no order of this school has fewer
     * @param  int  $leastSeconds  none with as few is quicker
     */
    private function __construct(
        public School $school,
        public Jobs $jobs,
        public Order $order,
        public int $leastSetUps,
        public int $leastSeconds,
    ) {
    }

    /** @param  list<Step>  $steps  those of a card after those that come before them */
    public static function of(array $steps, School $school): self
    {
        $jobs = Jobs::of($steps);

        return $school === School::Runs ? self::inRuns($jobs) : self::cardByCard($jobs);
    }

    /**
     * Puts the cards first that can be complete within a time, as many as were found. The others follow.
     *
     * @param  list<Step>  $steps
     */
    public static function within(array $steps, School $school, int $seconds): self
    {
        $cards = self::quickestFirst($steps);
        $first = [];
        foreach (array_keys($cards) as $many) {
            $own = self::stepsOf($steps, array_slice($cards, 0, $many + 1));
            if (self::of($own, $school)->order->seconds() > $seconds) {
                break;
            }
            $first = $own;
        }
        $ids = array_flip(array_column($first, 'id'));
        $rest = array_values(array_filter($steps, static fn (Step $step): bool => ! isset($ids[$step->id])));
        if ($first === [] || $rest === []) {
            return self::of($steps, $school);
        }
        $jobs = Jobs::of($steps);
        $numbers = array_flip(array_column($steps, 'id'));
        $order = [];
        foreach ([self::of($first, $school), self::of($rest, $school)] as $plan) {
            foreach ($plan->order->steps as $n) {
                $order[] = $numbers[$plan->jobs->steps[$n]->id];
            }
        }
        $bound = self::of($steps, $school);

        return new self($school, $jobs, Order::at($jobs, $order), $bound->leastSetUps, $bound->leastSeconds);
    }

    /**
     * How the time is spent: on steps, on taking up tools, and on waiting for drying.
     *
     * @return array{work: int, tools: int, waiting: int} in seconds; together as long as the order takes
     */
    public function spent(): array
    {
        $work = array_sum($this->jobs->seconds);
        $tools = $this->order->setUps * HandTool::SET_UP;

        return ['work' => $work, 'tools' => $tools, 'waiting' => $this->order->seconds() - $work - $tools];
    }

    /** @return list<array{tool: HandTool, steps: non-empty-list<Step>}> */
    public function runs(): array
    {
        $runs = [];
        foreach ($this->order->steps as $n) {
            $step = $this->jobs->steps[$n];
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last]['tool']->key === $step->tool->key) {
                $runs[$last]['steps'][] = $step;

                continue;
            }
            $runs[] = ['tool' => $step->tool, 'steps' => [$step]];
        }

        return $runs;
    }

    private static function inRuns(Jobs $jobs): self
    {
        $order = Runs::of($jobs);
        if ($jobs->many() <= Exact::MOST) {
            return new self(School::Runs, $jobs, $order, $order->setUps, $order->seconds());
        }
        $setUps = RunSearch::on($jobs)->bound();
        $chain = HandTool::SET_UP;
        foreach ($jobs->after as $n => $after) {
            $chain = max($chain, $after === [] ? HandTool::SET_UP + $jobs->seconds[$n] + $jobs->tails[$n] : 0);
        }
        $least = array_sum($jobs->seconds) + $setUps * HandTool::SET_UP + self::lastWait($jobs);

        return new self(School::Runs, $jobs, $order, $setUps, max($chain, $least));
    }

    private static function cardByCard(Jobs $jobs): self
    {
        $steps = [];
        $setUps = 1 - count($jobs->cards);
        foreach ($jobs->cards as $numbers) {
            $own = Jobs::of(array_map(static fn (int $n): Step => $jobs->steps[$n], $numbers));
            $last = $steps === [] ? null : $jobs->steps[$steps[count($steps) - 1]]->tool;
            $order = Runs::after($own, $own->tool($last));
            array_push($steps, ...array_map(static fn (int $n): int => $numbers[$n], $order->steps));
            $setUps += RunSearch::on($own)->bound();
        }
        $setUps = max(0, $setUps);
        $least = array_sum($jobs->seconds) + $setUps * HandTool::SET_UP + self::lastWait($jobs);

        return new self(School::Cards, $jobs, Order::at($jobs, $steps), $setUps, $least);
    }

    /** The last card must dry too, so some seconds are always left. */
    private static function lastWait(Jobs $jobs): int
    {
        $before = array_flip(array_merge([], ...$jobs->after));
        $waits = array_values(array_diff_key($jobs->waits, $before));

        return $waits === [] ? 0 : min($waits);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<int> cards
     */
    private static function quickestFirst(array $steps): array
    {
        $seconds = [];
        foreach ($steps as $step) {
            $seconds[$step->card] = ($seconds[$step->card] ?? 0) + $step->seconds + $step->wait;
        }
        asort($seconds);

        return array_keys($seconds);
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<int>  $cards
     * @return list<Step>
     */
    private static function stepsOf(array $steps, array $cards): array
    {
        return array_values(array_filter($steps, static fn (Step $step): bool => in_array($step->card, $cards, true)));
    }
}
