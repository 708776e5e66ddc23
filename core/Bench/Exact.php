<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** Looks at every order of a few steps, except those that cannot be better than the best so far. */
final class Exact
{
    /** The most steps for which every order is looked at. */
    public const MOST = 9;

    private ?Order $best = null;

    private function __construct(private readonly Jobs $jobs)
    {
    }

    public static function best(Jobs $jobs): Order
    {
        $search = new self($jobs);
        $search->from([], array_fill(0, $jobs->many(), true));

        return $search->best ?? Order::at($jobs, []);
    }

    /**
     * @param  list<int>  $steps  so far
     * @param  array<int, true>  $left
     */
    private function from(array $steps, array $left): void
    {
        $order = Order::at($this->jobs, $steps);
        if ($this->best !== null && [$order->setUps, $order->hands] > [$this->best->setUps, $this->best->seconds()]) {
            return;
        }
        if ($left === []) {
            $this->best = $this->best === null || $order->compare($this->best) < 0 ? $order : $this->best;

            return;
        }
        foreach (array_keys($left) as $n) {
            if (array_intersect_key($left, array_flip($this->jobs->after[$n])) === []) {
                $this->from([...$steps, $n], array_diff_key($left, [$n => true]));
            }
        }
    }
}
