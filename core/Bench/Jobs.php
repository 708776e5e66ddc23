<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/**
 * Steps as numbers, for the search that reads them thousands of times.
 *
 * Steps depend on each other only within one card. Steps of two cards share only the tool and the hands.
 */
final readonly class Jobs
{
    /**
     * @param  list<Step>  $steps
     * @param  list<int>  $tools  by step, numbered
     * @param  list<int>  $seconds  in hand
     * @param  list<int>  $waits  afterwards
     * @param  list<list<int>>  $after  the steps before each
     * @param  list<int>  $tails  seconds from the end of each, its wait, and all that must come after it
     * @param  array<int, list<int>>  $cards  steps by card, in an order that can be
     */
    private function __construct(
        public array $steps,
        public array $tools,
        public array $seconds,
        public array $waits,
        public array $after,
        public array $tails,
        public array $cards,
    ) {
    }

    /** @param  list<Step>  $steps  those of a card after those that come before them */
    public static function of(array $steps): self
    {
        $numbers = array_flip(array_column($steps, 'id'));
        $keys = array_flip(array_values(array_unique(array_map(static fn (Step $step): string => $step->tool->key, $steps))));
        $after = $cards = [];
        foreach ($steps as $n => $step) {
            $there = array_filter($step->after, static fn (string $id): bool => isset($numbers[$id]));
            $after[] = array_values(array_map(static fn (string $id): int => $numbers[$id], $there));
            $cards[$step->card][] = $n;
        }
        $tails = array_fill(0, count($steps), 0);
        foreach (array_reverse(array_keys($steps)) as $n) {
            $tails[$n] = max($tails[$n], $steps[$n]->wait);
            foreach ($after[$n] as $before) {
                $tails[$before] = max($tails[$before], $steps[$before]->wait + $steps[$n]->seconds + $tails[$n]);
            }
        }

        return new self(
            $steps,
            array_map(static fn (Step $step): int => $keys[$step->tool->key], $steps),
            array_column($steps, 'seconds'),
            array_column($steps, 'wait'),
            $after,
            array_values($tails),
            $cards,
        );
    }

    /** The number of a tool. Null if no step needs it. */
    public function tool(?HandTool $tool): ?int
    {
        foreach ($this->steps as $n => $step) {
            if ($step->tool->key === $tool?->key) {
                return $this->tools[$n];
            }
        }

        return null;
    }

    public function many(): int
    {
        return count($this->steps);
    }
}
