<?php

declare(strict_types=1);

namespace KeepShare\Core\LinearProgram;

/**
 * A linear program: the highest value of some activities under limits on what they take together.
 *
 * The simplex method on a full tableau (Dantzig 1963). Activities may be added to a solved program, which then goes on
 * from there. Every limit is raised by a tiny amount of its own, so that no corner is met twice. It uses doubles: its
 * prices guide a search, and a caller that claims something by them must check it.
 */
final class LinearProgram
{
    /** Smaller values count as zero. */
    private const NOTHING = 1e-9;

    private const HAIR = 1e-7;

    /** After this many steps the best so far is taken. More happen only if rounding leads in a circle. */
    private const STEPS = 20_000;

    /** @var list<array<int, float>> the limits, each with what every activity takes of it, as the basis sees them */
    private array $rows = [];

    /** @var array<int, float> what is left of each limit */
    private array $rights;

    /** @var array<int, int> the activity that each limit binds */
    private array $basis;

    /** @var array<int, float> the reduced costs: what one more of an activity would cost */
    private array $costs;

    private float $worth = 0.0;

    /** Before the first step a row is what the activities take. */
    private bool $isPivoted = false;

    /** @param  list<float>  $limits */
    private function __construct(array $limits)
    {
        $many = count($limits);
        $this->costs = array_fill(0, $many, 0.0);
        $this->basis = array_keys($limits);
        $this->rights = [];
        foreach ($limits as $n => $limit) {
            $row = array_fill(0, $many, 0.0);
            $row[$n] = 1.0;
            $this->rows[] = $row;
            $this->rights[] = $limit + self::HAIR * ($n + 1);
        }
    }

    /** @param  list<float>  $limits  none below nothing */
    public static function under(array $limits): self
    {
        return new self($limits);
    }

    /**
     * Adds an activity.
     *
     * @param  array<int, float>  $takes  of each limit, by its number; below nothing where it gives
     * @return int its number
     */
    public function add(array $takes, float $worth): int
    {
        $number = count($this->costs);
        $cost = -$worth;
        foreach ($takes as $limit => $amount) {
            $cost += $amount * $this->costs[$limit];
        }
        $this->costs[$number] = $cost;
        foreach (array_keys($this->rows) as $n) {
            $this->rows[$n][$number] = $this->isPivoted ? self::sum($takes, $this->rows[$n]) : ($takes[$n] ?? 0.0);
        }

        return $number;
    }

    /**
     * What an activity takes of a limit as the basis sees it.
     *
     * @param  array<int, float>  $takes
     * @param  array<int, float>  $row
     */
    private static function sum(array $takes, array $row): float
    {
        $sum = 0.0;
        foreach ($takes as $limit => $amount) {
            $sum += $amount * $row[$limit];
        }

        return $sum;
    }

    public function solve(): void
    {
        for ($step = 0; $step < self::STEPS; $step++) {
            $entering = $this->entering();
            $leaving = $entering === null ? null : $this->leaving($entering);
            if ($entering === null || $leaving === null) {
                return;
            }
            $this->pivot($leaving, $entering);
        }
    }

    public function worth(): float
    {
        return $this->worth;
    }

    /** @return array<int, float> how much of each activity, where there is any */
    public function amounts(): array
    {
        $amounts = [];
        $limits = count($this->rights);
        foreach ($this->basis as $n => $activity) {
            if ($activity >= $limits && $this->rights[$n] > self::HAIR * 2 * $limits) {
                $amounts[$activity] = $this->rights[$n];
            }
        }

        return $amounts;
    }

    /** The value of one more unit of a limit: its dual price, or shadow price. */
    public function dualPrice(int $limit): float
    {
        return max(0.0, $this->costs[$limit]);
    }

    /** The activity with the most negative reduced cost. Null at the optimum. */
    private function entering(): ?int
    {
        $least = -self::NOTHING;
        $best = null;
        foreach ($this->costs as $activity => $cost) {
            if ($cost < $least) {
                [$least, $best] = [$cost, $activity];
            }
        }

        return $best;
    }

    private function leaving(int $entering): ?int
    {
        $least = INF;
        $best = null;
        foreach ($this->rows as $n => $row) {
            if ($row[$entering] > self::NOTHING && $least > $this->rights[$n] / $row[$entering]) {
                [$least, $best] = [$this->rights[$n] / $row[$entering], $n];
            }
        }

        return $best;
    }

    private function pivot(int $leaving, int $entering): void
    {
        $this->isPivoted = true;
        $by = $this->rows[$leaving][$entering];
        $right = $this->rights[$leaving] / $by;
        $pivot = $filled = [];
        // Most steps of a share-out's search are spent here, so it is one plain loop.
        foreach ($this->rows[$leaving] as $activity => $one) {
            $pivot[$activity] = $one / $by;
            if ($one !== 0.0) {
                $filled[$activity] = $pivot[$activity];
            }
        }
        foreach ($this->rows as $n => $row) {
            $factor = $row[$entering];
            if ($n !== $leaving && abs($factor) > 1e-12) {
                unset($row);
                foreach ($filled as $activity => $amount) {
                    $this->rows[$n][$activity] -= $factor * $amount;
                }
                $this->rights[$n] -= $factor * $right;
            }
        }
        $this->rows[$leaving] = $pivot;
        $this->rights[$leaving] = $right;
        $factor = $this->costs[$entering];
        foreach ($filled as $activity => $amount) {
            $this->costs[$activity] -= $factor * $amount;
        }
        $this->worth -= $factor * $right;
        $this->basis[$leaving] = $entering;
    }
}
