<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use Closure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Computes a recipe: a number of cards from a number of sheets with almost no waste.
 *
 * Simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) of a floor plan. The designs of the cards and the places of
 * their papers change together, so that the measures that give fit the sheets. For the most cards, more cards are tried
 * until too much is wasted. It can be stopped at any time with the best so far. The same seed and steps give the same
 * result.
 */
final class Annealing
{
    /** How much worse a change may be at the start and at the end, as a share of the paper of a card. */
    private const HOT = 0.11;

    private const COLD = 0.018;

    /**
     * What reaches over the sheet costs this much more than unused paper at the end. At the start both cost the same.
     */
    private const PRESS = 30.0;

    /** How many changes are made between two looks at the clock. */
    private const STEPS = 400;

    /** Shares of the time: for the search for the number of cards, and for each number that is tried. */
    private const CLIMB = 0.8;

    private const TRY = 0.16;

    /** How many tries may fail. In each, the last part starts again from the best result, this hot. */
    private const FAILS = 3;

    private const AGAIN = 0.3;

    private const WARM = 0.4;

    /** The share of the bound that is tried first, and the share of the time for a fixed number, in per cent. */
    private const FIRST = 45;

    private readonly Randomizer $random;

    /** @var list<CardWay> */
    private readonly array $ways;

    private readonly int $bound;

    /** The most cards that are searched for, since a recipe has no more. */
    private readonly int $limit;

    private ?Made $best = null;

    /** The result with the least waste in the last search. */
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
        // The rest of the time is used for the same number of cards with less waste.
        while (($from = ($this->passed)($this->best)) < 1.0) {
            $this->best?->wastesLittle === true
                ? $this->anneal($cards, $from, min(1.0, $from + self::TRY), false, $this->best->floor)
                : $this->attempt($cards, $from);
        }

        return $this->best;
    }

    /** As many as were asked for, or fewer if those are not found. */
    private function asked(int $cards): int
    {
        $this->anneal($cards, 0.0, self::FIRST / 100, false);
        while ($this->best === null && $cards > 1 && ($from = ($this->passed)(null)) < 1.0) {
            $cards = max(1, intdiv(4 * $cards, 5));
            $this->anneal($cards, $from, ($from + 1.0) / 2, true);
        }

        return $cards;
    }

    /** The most cards whose waste is allowed. A number that failed a few times is not tried again. */
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

    /** Searches for a number of cards, and again from the best result. */
    private function attempt(int $cards, float $from): bool
    {
        $to = $from + self::TRY;
        $turn = $to - self::AGAIN * self::TRY;

        return $this->anneal($cards, $from, $turn, true) || $this->anneal($cards, $turn, $to, true, $this->near);
    }

    /**
     * Searches for a number of cards. Returns whether their waste is allowed.
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

    /** Keeps a result if it is the best so far. Returns whether its waste is allowed. */
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
