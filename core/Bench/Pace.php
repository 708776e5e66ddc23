<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/**
 * How quick a maker is. Each kind of step takes the minutes of the craft until enough steps have shown otherwise. Steps
 * marked in a hurry, or long after they were done, are left out.
 */
final readonly class Pace
{
    /** How many times the craft's figure is counted beside the maker's own. */
    private const PRIOR = 3;

    /** The number of steps of a kind from which a pace is learnt. */
    private const ENOUGH = 5;

    /** Steps that took this many times longer or shorter than the median are left out. */
    private const FAR = 3;

    /** Figures are rounded to this many seconds. */
    private const ROUND = 15;

    /** @param  array<string, int>  $seconds  by kind of step */
    private function __construct(private array $seconds)
    {
    }

    public static function ofTheCraft(): self
    {
        return new self([]);
    }

    /**
     * The median of the marked times and the craft's figure.
     *
     * @param  array<string, list<int>>  $marked  how long single steps took, in seconds, by kind
     */
    public static function learnt(array $marked): self
    {
        $seconds = [];
        foreach (StepKinds::all() as $kind) {
            $own = self::near($marked[$kind->key()] ?? []);
            if (count($own) >= self::ENOUGH) {
                $seconds[$kind->key()] = self::rounded(self::median([...array_fill(0, self::PRIOR, $kind->seconds()), ...$own]));
            }
        }

        return new self($seconds);
    }

    /** For how many kinds of step the maker's own pace is used. */
    public function own(): int
    {
        return count($this->seconds);
    }

    /**
     * @param  list<int>  $seconds
     * @return list<int> those that are not far from the middle one
     */
    private static function near(array $seconds): array
    {
        $middle = $seconds === [] ? 0 : self::median($seconds);

        return array_values(array_filter(
            $seconds,
            static fn (int $one): bool => $one <= self::FAR * $middle && self::FAR * $one >= $middle,
        ));
    }

    /** @param  non-empty-list<int>  $all */
    private static function median(array $all): int
    {
        sort($all);
        $middle = intdiv(count($all) - 1, 2);

        return count($all) % 2 === 1 ? $all[$middle] : intdiv($all[$middle] + $all[$middle + 1], 2);
    }

    /** Seconds for one step of a kind. */
    public function of(StepKind $kind): int
    {
        return $this->seconds[$kind->key()] ?? $kind->seconds();
    }

    /** The same step at this maker's pace. A step that takes the craft twice as long takes this maker twice as long. */
    public function paced(Step $step): Step
    {
        $kind = StepKinds::of($step->kind);
        if ($kind === null || ! isset($this->seconds[$step->kind])) {
            return $step;
        }

        return $step->taking(self::rounded(intdiv($step->seconds * $this->seconds[$step->kind], $kind->seconds())));
    }

    private static function rounded(int $seconds): int
    {
        return max(self::ROUND, intdiv($seconds + intdiv(self::ROUND, 2), self::ROUND) * self::ROUND);
    }
}
