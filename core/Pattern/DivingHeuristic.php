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

    /** @param  int  $over  for how many more cards pieces are cut than are made */
    private function __construct(private readonly MasterProblem $master, private readonly int $seed, private readonly int $over = 0)
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

    /** The best looking cards that one dive found, when pieces are cut for some cards more. */
    public static function over(MasterProblem $master, int $target, Trimmer $trimmer, int $over): PatternPlan
    {
        return self::dive(new self($master, 0, $over), $target, $trimmer);
    }

    private static function once(MasterProblem $master, int $target, Trimmer $trimmer, int $seed = 0): PatternPlan
    {
        return self::dive(new self($master, $seed), $target, $trimmer);
    }

    private static function dive(self $dive, int $target, Trimmer $trimmer): PatternPlan
    {
        $dive->run($target);

        return $dive->plan($trimmer);
    }

    private function run(int $target): void
    {
        $at = $this->master->start;
        while (! $at->isCutUp()) {
            $cut = $this->master->answer($at, $target, $this->over)->cut;
            if ($cut === []) {
                break;
            }
            $before = count($this->patterns);
            foreach ($this->taken($cut) as $number => $many) {
                $at = $this->cutting($at, $number, $many);
            }
            // Half a base may be left to pay for the wanted half. Nothing more comes of it.
            $at = count($this->patterns) === $before ? $at->cutUp() : $at;
        }
        $this->make($at->cutUp(), $target);
    }

    private function cutting(Stand $at, int $number, int $many): Stand
    {
        for ($n = 0; $n < $many; $n++) {
            $next = $this->master->cutting($at, $number);
            if ($next === null) {
                return $at;
            }
            $at = $next;
            $this->patterns[] = $number;
        }

        return $at;
    }

    /**
     * The pattern with the most sheets, for half of them, so that the rest stays free as long as possible. For looks, all
     * whole sheets of all patterns at once: there are many of them, each on few sheets.
     *
     * @param  non-empty-array<int, float>  $cut
     * @return array<int, int> how many sheets, by number
     */
    private function taken(array $cut): array
    {
        $whole = array_filter(array_map(static fn (float $many): int => (int) floor($many + self::WHOLE), $cut));
        if ($this->master->isForLooks && $whole !== []) {
            return $whole;
        }
        arsort($cut);
        $numbers = array_keys($cut);
        $number = $numbers[$this->seed === 0 ? 0 : $this->random->getInt(0, min(2, count($numbers) - 1))];

        return [$number => max(1, intdiv((int) floor($cut[$number] + self::WHOLE), 2))];
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

        return $next?->lowering($this->master->repeatsOn($outlay));
    }

    /** The patterns for each of their sheets. */
    private function plan(Trimmer $trimmer): PatternPlan
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
