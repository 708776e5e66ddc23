<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** Where to stop when time is limited, and how every card is left. */
final readonly class Halt
{
    /**
     * @param  string|null  $after  the id of the last step that is done; null where none is
     * @param  int  $at  seconds from the beginning, when the hands are free
     * @param  int  $dry  seconds from the beginning, when the last of what is done is dry
     * @param  list<int>  $complete  cards that are complete and dry by then
     * @param  array<int, Left>  $left  by card, how the others lie
     */
    private function __construct(public ?string $after, public int $at, public int $dry, public array $complete, public array $left)
    {
    }

    /** As far as there is time. The most cards are complete. Others may be half glued or wet. */
    public static function latest(MakingPlan $plan, int $seconds): self
    {
        return self::within($plan, $seconds, static fn (): bool => true);
    }

    /** As far as nothing is left wet or half glued. */
    public static function clean(MakingPlan $plan, int $seconds): self
    {
        return self::within($plan, $seconds, static fn (Left $left): bool => $left->isClean());
    }

    /** @param  callable(Left): bool  $isLeftSo */
    private static function within(MakingPlan $plan, int $seconds, callable $isLeftSo): self
    {
        $order = $plan->order;
        for ($many = count($order->steps); $many > 0; $many--) {
            $last = $order->steps[$many - 1];
            $at = $order->starts[$many - 1] + $plan->jobs->seconds[$last];
            if ($at > $seconds) {
                continue;
            }
            $done = array_slice($order->steps, 0, $many);
            $lie = self::lie($plan, $done, $seconds);
            if (array_filter($lie, static fn (Left $left): bool => ! $isLeftSo($left)) === []) {
                return self::of($plan->jobs->steps[$last]->id, $at, max([0, ...self::dries($plan, $done)]), $lie);
            }
        }

        return self::of(null, 0, 0, self::lie($plan, [], $seconds));
    }

    /** @param  array<int, Left>  $lie */
    private static function of(?string $after, int $at, int $dry, array $lie): self
    {
        $isComplete = static fn (Left $left): bool => $left === Left::Complete;

        return new self($after, $at, $dry, array_keys(array_filter($lie, $isComplete)), array_filter(
            $lie,
            static fn (Left $left): bool => ! $isComplete($left),
        ));
    }

    /**
     * @param  list<int>  $done  in their order
     * @return array<int, Left> how every card lies
     */
    private static function lie(MakingPlan $plan, array $done, int $seconds): array
    {
        $wet = [];
        foreach (self::dries($plan, $done) as $n => $dry) {
            $card = $plan->jobs->steps[$n]->card;
            $wet[$card] = ($wet[$card] ?? false) || $dry > $seconds;
        }
        $lie = [];
        foreach ($plan->jobs->cards as $card => $steps) {
            $own = array_intersect($steps, $done);
            $isGlued = array_filter($own, static fn (int $n): bool => ! $plan->jobs->steps[$n]->phase->isSafe()) !== [];
            $lie[$card] = match (true) {
                $own === [] => Left::Untouched,
                $wet[$card] => Left::Drying,
                count($own) === count($steps) => Left::Complete,
                $isGlued => Left::HalfGlued,
                default => Left::Prepared,
            };
        }

        return $lie;
    }

    /**
     * @param  list<int>  $done  in their order
     * @return array<int, int> by step, how many seconds from the beginning it is dry
     */
    private static function dries(MakingPlan $plan, array $done): array
    {
        $dries = [];
        foreach ($done as $i => $n) {
            $dries[$n] = $plan->order->starts[$i] + $plan->jobs->seconds[$n] + $plan->jobs->waits[$n];
        }

        return $dries;
    }
}
