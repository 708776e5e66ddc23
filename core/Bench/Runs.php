<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/**
 * The best order found for some steps: fewest set-ups, then the shortest time with its waits, then the earliest
 * complete cards. It is proven for few steps. Both figures always have a lower bound.
 */
final readonly class Runs
{
    private function __construct(private Jobs $jobs)
    {
    }

    /** All cards in runs, with one tool at a time. */
    public static function of(Jobs $jobs): Order
    {
        return $jobs->many() <= Exact::MOST ? Exact::best($jobs) : (new self($jobs))->best(null);
    }

    /** One card, where a tool may already be out. */
    public static function after(Jobs $jobs, ?int $tool): Order
    {
        return (new self($jobs))->best($tool);
    }

    private function best(?int $tool): Order
    {
        $orders = [];
        $turn = RunSearch::on($this->jobs)->turn();
        // The most urgent step first, or in the order of the list when working card by card.
        foreach ([$this->jobs->tails, []] as $urgent) {
            $orders[] = Order::at($this->jobs, $this->inTurn($turn, $urgent), $tool);
        }
        usort($orders, static fn (Order $a, Order $b): int => $a->compare($b));

        return $orders[0];
    }

    /**
     * Everything each tool can do in its turn. What dried first comes first, and of that the most urgent.
     *
     * @param  list<int>  $turn
     * @param  array<int, int>  $urgent  by step; as they are listed where it says nothing
     * @return list<int>
     */
    private function inTurn(array $turn, array $urgent): array
    {
        $open = $this->openings();
        $steps = $free = [];
        $now = 0;
        foreach ($turn as $tool) {
            $now += HandTool::SET_UP;
            while (($n = self::next($open[$tool] ?? [], $now, $urgent)) !== null) {
                $now = max($now, $open[$tool][$n]) + $this->jobs->seconds[$n];
                unset($open[$tool][$n]);
                $steps[] = $n;
                $free[$n] = $now + $this->jobs->waits[$n];
                foreach ($this->opened($n, $free) as $next => $at) {
                    $open[$this->jobs->tools[$next]][$next] = $at;
                }
            }
        }

        return $steps;
    }

    /** @return array<int, array<int, int>> by tool, the steps that can be done from the start, with when */
    private function openings(): array
    {
        $open = [];
        foreach ($this->jobs->after as $n => $after) {
            if ($after === []) {
                $open[$this->jobs->tools[$n]][$n] = 0;
            }
        }

        return $open;
    }

    /**
     * @param  array<int, int>  $free  when what is done is dry
     * @return array<int, int> the steps that one was the last to wait for, with when they can be done
     */
    private function opened(int $step, array $free): array
    {
        $opened = [];
        foreach ($this->jobs->cards[$this->jobs->steps[$step]->card] as $n) {
            $after = $this->jobs->after[$n];
            if (in_array($step, $after, true) && array_diff_key(array_flip($after), $free) === []) {
                $opened[$n] = max(array_map(static fn (int $before): int => $free[$before], $after));
            }
        }

        return $opened;
    }

    /**
     * @param  array<int, int>  $open  when each can be done
     * @param  array<int, int>  $urgent
     */
    private static function next(array $open, int $now, array $urgent): ?int
    {
        $best = null;
        foreach ($open as $n => $at) {
            $rank = [max($now, $at), -($urgent[$n] ?? 0), $n];
            $best = $best === null || $rank < $best[0] ? [$rank, $n] : $best;
        }

        return $best[1] ?? null;
    }
}
