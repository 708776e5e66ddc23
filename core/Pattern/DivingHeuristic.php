<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Measure\Rect;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whole cards from whole sheets. The pattern that the linear program uses most is fixed for half its sheets, and the
 * rest is solved again (diving: Joncour, Michel, Sadykov, Sverdlov and Vanderbeck, "Column generation based primal
 * heuristics", 2010). A few slightly different dives are made. The result is deterministic.
 */
final class DivingHeuristic
{
    /** Values this near to a whole number count as whole. */
    private const WHOLE = 1e-3;

    private readonly Randomizer $random;

    /** @var list<int> the patterns that sheets are cut by, in the order they were taken */
    private array $patterns = [];

    /** @var array<int, int> how many cards by each outlay */
    private array $made = [];

    private function __construct(private readonly MasterProblem $master, private readonly int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * The most cards that a few dives found.
     *
     * @param  int  $target  no more are looked for
     */
    public static function best(MasterProblem $master, int $target, Trimmer $trimmer, int $dives): PatternPlan
    {
        $best = self::once($master, $target, $trimmer);
        for ($seed = 1; $seed < $dives && $best->cards() < $target; $seed++) {
            $cutting = self::once($master, $target, $trimmer, $seed);
            $best = $cutting->cards() > $best->cards() ? $cutting : $best;
        }

        return $best;
    }

    private static function once(MasterProblem $master, int $target, Trimmer $trimmer, int $seed = 0): PatternPlan
    {
        $dive = new self($master, $seed);
        $dive->run($target);

        return $dive->cutting($trimmer);
    }

    private function run(int $target): void
    {
        $at = $this->master->start;
        while (! $at->isCutUp()) {
            $cut = $this->master->answer($at, $target)->cut;
            if ($cut === []) {
                break;
            }
            [$number, $many] = $this->taken($cut);
            for ($n = 0; $n < $many; $n++) {
                $next = $this->master->cutting($at, $number);
                if ($next === null) {
                    // Half a base is left to pay for the wanted half. Nothing more comes of it.
                    $at = $n === 0 ? $at->cutUp() : $at;

                    break;
                }
                $at = $next;
                $this->patterns[] = $number;
            }
        }
        $this->make($at->cutUp(), $target);
    }

    /**
     * The pattern with the most sheets, for half of them, so that the rest stays free as long as possible.
     *
     * @param  non-empty-array<int, float>  $cut
     * @return array{int, int} its number, and how many sheets
     */
    private function taken(array $cut): array
    {
        arsort($cut);
        $numbers = array_keys($cut);
        $number = $numbers[$this->seed === 0 ? 0 : $this->random->getInt(0, min(2, count($numbers) - 1))];

        return [$number, max(1, intdiv((int) floor($cut[$number] + self::WHOLE), 2))];
    }

    /** As many cards as are wanted and the pieces allow, the best looking first. */
    private function make(Stand $at, int $target): void
    {
        while (array_sum($this->made) < $target) {
            $answer = $this->master->answer($at);
            $folded = $this->fold($at, $answer->folded);
            $next = $this->wholeCards($folded, $answer->made, $target) ?? $this->oneCard($folded, $answer->made);
            if ($next === null) {
                return;
            }
            $at = $next;
        }
    }

    /**
     * Bases folded from their blanks, as many as are wanted and available.
     *
     * @param  array<int, float>  $folded
     */
    private function fold(Stand $at, array $folded): Stand
    {
        foreach ($folded as $number => $many) {
            [$kind, $raises] = $this->master->blank($number);
            for ($n = 0; $n < (int) ceil($many - self::WHOLE); $n++) {
                $at = $at->without([$kind->key => 1], array_fill_keys($raises, -1)) ?? $at;
            }
        }

        return $at;
    }

    /**
     * @param  array<int, float>  $made
     * @return Stand|null null where no outlay is made wholly
     */
    private function wholeCards(Stand $at, array $made, int $target): ?Stand
    {
        $next = null;
        $looks = fn (int $number): float => $this->master->outlays[$number]->looks();
        uksort($made, static fn (int $a, int $b): int => $looks($b) <=> $looks($a));
        foreach ($made as $number => $many) {
            for ($n = 0; $n < (int) floor($many + self::WHOLE) && array_sum($this->made) < $target; $n++) {
                $next = $this->card($next ?? $at, $number) ?? $next;
            }
        }

        return $next;
    }

    /** @param  array<int, float>  $made */
    private function oneCard(Stand $at, array $made): ?Stand
    {
        arsort($made);
        foreach (array_keys($made) as $number) {
            $next = $this->card($at, $number);
            if ($next !== null) {
                return $next;
            }
        }

        return null;
    }

    private function card(Stand $at, int $number): ?Stand
    {
        $outlay = $this->master->outlays[$number];
        $next = $at->without(
            array_count_values(array_column($outlay->pieces, 'key')),
            array_count_values([MasterProblem::CARDS, ...$outlay->counted]),
        );
        if ($next !== null) {
            $this->made[$number] = ($this->made[$number] ?? 0) + 1;
        }

        return $next;
    }

    /** The patterns for each of their sheets. */
    private function cutting(Trimmer $trimmer): PatternPlan
    {
        $plans = [];
        $used = [];
        // Sheets with one pattern are neighbours in a class, so that they have different prints.
        sort($this->patterns);
        foreach ($this->patterns as $number) {
            [$class, $pattern] = $this->master->pattern($number);
            [$component, $stock] = $this->master->classes[$class]->sheets[$used[$class] = ($used[$class] ?? -1) + 1];
            $whole = Rect::whole($stock->size);
            $node = $trimmer->isShortFor($stock) ? $pattern->box?->cutWith($trimmer, $whole) : $pattern->box?->cutFrom($whole);
            $plans[$component][] = SheetPlan::of($stock, $node ?? Leaf::offcut($whole));
        }
        $ways = $sketches = [];
        foreach ($this->made as $number => $many) {
            $outlay = $this->master->outlays[$number];
            $way = $outlay->sketch->way($outlay->front);
            $ways[$way] = ($ways[$way] ?? 0) + $many;
            $sketches[$outlay->sketch->manner] = $outlay->sketch;
        }

        $spares = [];
        foreach ($used as $key => $last) {
            $class = $this->master->classes[$key];
            if ($class->spare !== null) {
                $spares[] = $class->spare->taking(intdiv($last, $class->each()) + 1);
            }
        }

        return PatternPlan::of($plans, $ways, array_values($sketches), $spares);
    }
}
