<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** Steps one after the other, each as soon as possible, with the figures that follow from it. */
final readonly class Order
{
    /**
     * @param  list<int>  $steps  numbers of the jobs
     * @param  list<int>  $starts  seconds from the beginning, of each in turn
     * @param  int  $setUps  how often another tool is taken up
     * @param  int  $hands  when the hands are free
     * @param  array<int, int>  $complete  by card, when the last of it is dry
     */
    private function __construct(
        public array $steps,
        public array $starts,
        public int $setUps,
        public int $hands,
        public array $complete,
    ) {
    }

    /**
     * @param  list<int>  $steps  an order that keeps that within each card
     * @param  int|null  $tool  that is out already
     */
    public static function at(Jobs $jobs, array $steps, ?int $tool = null): self
    {
        $now = $setUps = 0;
        $free = $starts = $complete = [];
        foreach ($steps as $n) {
            if ($jobs->tools[$n] !== $tool) {
                $tool = $jobs->tools[$n];
                $now += HandTool::SET_UP;
                $setUps++;
            }
            foreach ($jobs->after[$n] as $before) {
                $now = max($now, $free[$before] ?? 0);
            }
            $starts[] = $now;
            $now += $jobs->seconds[$n];
            $free[$n] = $now + $jobs->waits[$n];
            $card = $jobs->steps[$n]->card;
            $complete[$card] = max($complete[$card] ?? 0, $free[$n]);
        }

        return new self($steps, $starts, $setUps, $now, $complete);
    }

    /** Seconds until the last card is complete. */
    public function seconds(): int
    {
        return max([$this->hands, ...$this->complete]);
    }

    /** Compares by set-ups, then by time, then by how early cards are complete. Below zero if this order is better. */
    public function compare(self $other): int
    {
        return [$this->setUps, $this->seconds(), array_sum($this->complete)]
            <=> [$other->setUps, $other->seconds(), array_sum($other->complete)];
    }
}
