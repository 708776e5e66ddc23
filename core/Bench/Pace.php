<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** How quick a maker is: by kind of step, the minutes of the craft until she has shown her own. */
final readonly class Pace
{
    /** So many times the craft's figure is counted beside her own. */
    private const PRIOR = 3;

    /** Figures are rounded to so many seconds. */
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
     * The median of what was marked, with the craft's figure among it.
     *
     * @param  array<string, list<int>>  $marked  how long single steps took, in seconds, by kind
     */
    public static function learnt(array $marked): self
    {
        $seconds = [];
        foreach (StepKinds::all() as $kind) {
            $all = [...array_fill(0, self::PRIOR, $kind->seconds()), ...$marked[$kind->key()] ?? []];
            sort($all);
            $middle = intdiv(count($all) - 1, 2);
            $median = count($all) % 2 === 1 ? $all[$middle] : intdiv($all[$middle] + $all[$middle + 1], 2);
            $seconds[$kind->key()] = self::rounded($median);
        }

        return new self($seconds);
    }

    /** How long one of a kind takes. */
    public function of(StepKind $kind): int
    {
        return $this->seconds[$kind->key()] ?? $kind->seconds();
    }

    /** The same step as this maker does it: what takes the craft twice as long takes her twice as long. */
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
