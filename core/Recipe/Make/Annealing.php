<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use Closure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes a recipe: so many cards out of so many sheets that next to nothing of the paper is left.
 *
 * Simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) of a floor: which ways the cards are made and how their papers
 * lie on the sheets is changed together, so that the measures that give meet the sheets. For the most cards it is tried with
 * more until they waste too much. It may be stopped at any time with the best so far; the same seed and steps give the same.
 */
final class Annealing
{
    /** How much worse a change may be at first and at last, as a part of the paper a card has. */
    private const HOT = 0.11;

    private const COLD = 0.018;

    /** What stands out costs so much more than what is not used at last; at first it costs as much. */
    private const PRESS = 30.0;

    /** So many changes between two looks at the time. */
    private const STEPS = 400;

    /** Of the time: what the search for how many cards takes, and each number that is tried. */
    private const CLIMB = 0.8;

    private const TRY = 0.16;

    /** So many tries that fail are enough; in each, what part is heated up once more from the best it came to, and how hot. */
    private const FAILS = 3;

    private const AGAIN = 0.3;

    private const WARM = 0.4;

    /** So many of a hundred cards that the bound allows are tried first; so much of a hundred of the time has what was asked for. */
    private const FIRST = 45;

    private readonly Randomizer $random;

    /** @var list<CardWay> */
    private readonly array $ways;

    private readonly int $bound;

    /** So many cards are looked for at most: a recipe has no more. */
    private readonly int $limit;

    private ?Made $best = null;

    /** The one that wastes least of those that the last search came to. */
    private ?FloorPlan $near = null;

    /** @param  Closure(?Made): float  $passed */
    private function __construct(private readonly Ask $ask, private readonly Closure $passed, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->ways = $ask->ways();
        $this->bound = $ask->bound($this->ways);
        $this->limit = min($this->bound, Ask::MOST_CARDS);
    }

    /**
     * @param  Closure(?Made): float  $passed  how much of the time has passed, from 0 to 1, told the best so far; 1 ends it
     * @return Made|null null where not one such card can be cut, or there was no time to find one
     */
    public static function best(Ask $ask, Closure $passed, int $seed = 1): ?Made
    {
        return (new self($ask, $passed, $seed))->search();
    }

    private function search(): ?Made
    {
        if ($this->bound === 0) {
            return null;
        }
        $cards = $this->ask->cards === null ? $this->climb() : $this->asked(min($this->ask->cards, $this->limit));
        // What time is left goes to as many cards with less waste.
        while (($from = ($this->passed)($this->best)) < 1.0) {
            $this->best?->wastesLittle === true
                ? $this->anneal($cards, $from, min(1.0, $from + self::TRY), false, $this->best->floor)
                : $this->attempt($cards, $from);
        }

        return $this->best;
    }

    /** So many as were asked for, or fewer where those are not found: how many. */
    private function asked(int $cards): int
    {
        $this->anneal($cards, 0.0, self::FIRST / 100, false);
        while ($this->best === null && $cards > 1 && ($from = ($this->passed)(null)) < 1.0) {
            $cards = max(1, intdiv(4 * $cards, 5));
            $this->anneal($cards, $from, ($from + 1.0) / 2, true);
        }

        return $cards;
    }

    /** The most cards that were found to waste no more than they may; what failed a few times is not tried again. */
    private function climb(): int
    {
        $most = null;
        $cards = max(1, intdiv(self::FIRST * $this->limit, 100));
        $step = max(1, intdiv($this->limit, 16));
        $failed = [];
        while (($from = ($this->passed)($this->best)) < self::CLIMB && ($failed[$cards] ?? 0) < self::FAILS) {
            if ($this->attempt($cards, $from)) {
                $most = $cards;
                $cards = min($this->limit, $cards + $step);
            } else {
                $failed[$cards] = ($failed[$cards] ?? 0) + 1;
            }
            if ($most === $this->limit) {
                break;
            }
            if (($failed[$cards] ?? 0) === self::FAILS) {
                $step = $most === null ? $step : max(1, intdiv($step, 2));
                $cards = $most === null ? max(1, $cards - $step) : min($cards, $most + $step);
            }
        }

        return $most ?? $cards;
    }

    /** Looks for so many cards, and once more from the best that was come to. */
    private function attempt(int $cards, float $from): bool
    {
        $to = $from + self::TRY;
        $turn = $to - self::AGAIN * self::TRY;

        return $this->anneal($cards, $from, $turn, true) || $this->anneal($cards, $turn, $to, true, $this->near);
    }

    /**
     * Looks for so many cards; whether they were found to waste no more than they may.
     *
     * @param  float  $from  of the time
     * @param  bool  $isEnough  they need not waste less
     * @param  FloorPlan|null  $floor  from which it begins, less hot
     */
    private function anneal(int $cards, float $from, float $to, bool $isEnough, ?FloorPlan $floor = null): bool
    {
        $hot = self::HOT * ($floor === null ? 1.0 : self::WARM);
        $floor ??= FloorPlan::strewn($this->ask, $this->ways, $cards, $this->random);
        $this->near = null;
        $share = $this->ask->area() / $cards;
        $isMade = false;
        while (($now = ($this->passed)($this->best)) < $to) {
            $part = ($now - $from) / max(1e-9, $to - $from);
            $heat = $share * $hot * (self::COLD / $hot) ** $part;
            $press = self::PRESS ** ($part * $part);
            $cost = $floor->cost($press);
            for ($step = 0; $step < self::STEPS; $step++) {
                $next = $floor->changed();
                $its = $next?->cost($press) ?? INF;
                if ($next !== null && ($its <= $cost || $this->dares($its - $cost, $heat))) {
                    [$floor, $cost] = [$next, $its];
                    $isMade = ($floor->isSound() && $this->keep($floor, $cards)) || $isMade;
                }
            }
            if ($isMade && $isEnough) {
                return true;
            }
        }

        return $isMade;
    }

    private function dares(float $worse, float $heat): bool
    {
        return $this->random->getInt(1, 1 << 30) / (1 << 30) < exp(-$worse / $heat);
    }

    /** Kept where it is the best so far; whether it wastes no more than it may. */
    private function keep(FloorPlan $floor, int $cards): bool
    {
        $this->near = $this->near === null || $floor->used() > $this->near->used() ? $floor : $this->near;
        $isLittle = 100 * ($this->ask->area() - $floor->used()) <= $this->ask->waste * $this->ask->area();
        if ($this->best === null || $this->best->isWorseThan($cards, $isLittle, $floor)) {
            $this->best = Made::of($this->ask, $floor, $cards, $isLittle, $this->bound);
        }

        return $isLittle;
    }
}
