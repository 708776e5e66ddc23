<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

/**
 * Chooses one option for each place so that no two places share a good. The sum of the values of options and of pairs
 * of options is to be as high as possible.
 *
 * Messages between the places bound every choice (max-product linear programming: Globerson and Jaakkola, "Fixing
 * max-product", 2007). Branch and bound then follows the best options first. It is exact if it ends in time. If not,
 * the bound says how far off the result may be.
 */
final class BestChoice
{
    /** Rounds of messages, and steps of the search, after which it ends with the best so far. */
    private const ROUNDS = 60;

    private const NODES = 15_000;

    /** Messages end when this many rounds lower the bound by less than this share. */
    private const STEP = 0.000_5;

    private const PATIENCE = 5;

    /** The value of two places with one good: worthless. */
    private const NEVER = -1e9;

    /** @var list<int> the option of each place */
    public array $chosen = [];

    public int $worth = PHP_INT_MIN >> 1;

    /** Whether no choice is better. */
    public int $bound = PHP_INT_MAX;

    /** @var array<int, array<int, float>> what the messages leave of each option of a place */
    private array $left = [];

    /** @var array<int, array<int, array<int, array<int, float>>>> what they leave of every two, by both places and both options */
    private array $both = [];

    private int $nodes = 0;

    /** The most that the unexplored choices could give. */
    private float $unseen = -INF;

    /**
     * @param  array<int, array<int, string>>  $goods  what each option of each place takes
     * @param  array<int, array<int, int>>  $alone  what it is worth
     * @param  array<int, array<int, array<int, array<int, int>>>>  $pairs  what two are worth together
     */
    private function __construct(private readonly array $goods, private readonly array $alone, private readonly array $pairs)
    {
    }

    /**
     * @param  array<int, array<int, string>>  $goods  what each option of each place takes
     * @param  array<int, array<int, int>>  $alone  what it is worth
     * @param  array<int, array<int, array<int, array<int, int>>>>  $pairs  what two are worth together, by both places, the earlier
     *                                                                      first, and both options; left out where they do not meet
     * @return self|null null where there are not goods enough for all places
     */
    public static function of(array $goods, array $alone, array $pairs): ?self
    {
        $choice = new self($goods, $alone, $pairs);
        if (in_array([], $goods, true)) {
            return null;
        }
        $choice->start();
        $choice->improve();
        $choice->messages();
        $choice->branch([], array_keys($goods), $choice->hopeful(), 0.0);
        // A thousandth is far more than doubles may be off.
        $unseen = $choice->unseen === -INF ? PHP_INT_MIN : (int) floor($choice->unseen + 1e-3);
        $choice->bound = max($choice->worth, $unseen);

        return $choice->chosen === [] ? null : $choice;
    }

    public function isProven(): bool
    {
        return $this->worth >= $this->bound;
    }

    /** @param  list<int>  $chosen */
    public function worthOf(array $chosen): int
    {
        $worth = 0;
        foreach ($chosen as $place => $option) {
            $worth += $this->alone[$place][$option];
            for ($other = $place + 1; $other < count($chosen); $other++) {
                $worth += $this->pairs[$place][$other][$option][$chosen[$other]] ?? 0;
            }
        }

        return $worth;
    }

    /**
     * Every option of one place with the others as chosen, the best first. A place that loses its good gets the old
     * one.
     *
     * @param  list<int>  $chosen
     * @return list<array{list<int>, int}> the whole choice, and what it comes to
     */
    public function others(int $place, array $chosen): array
    {
        $others = [];
        foreach (array_keys($this->goods[$place]) as $option) {
            $next = $this->with($chosen, $place, $option);
            if ($next !== null) {
                $others[] = [$next, $this->worthOf($next)];
            }
        }
        usort($others, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $others;
    }

    /**
     * @param  list<int>  $chosen
     * @return list<int>|null null where what was there is no option of the place that has its good
     */
    public function with(array $chosen, int $place, int $option): ?array
    {
        $good = $this->goods[$place][$option];
        foreach ($chosen as $other => $its) {
            if ($other !== $place && $this->goods[$other][$its] === $good) {
                $swapped = array_search($this->goods[$place][$chosen[$place]], $this->goods[$other], true);
                if ($swapped === false) {
                    return null;
                }
                $chosen[$other] = (int) $swapped;
            }
        }
        $chosen[$place] = $option;

        return array_values($chosen);
    }

    /** Fills one place after the other with the best that is left, those with the fewest options first. */
    private function start(): void
    {
        $places = array_keys($this->goods);
        usort($places, fn (int $a, int $b): int => count($this->goods[$a]) <=> count($this->goods[$b]));
        $taken = $chosen = [];
        foreach ($places as $place) {
            $best = null;
            foreach ($this->goods[$place] as $option => $good) {
                $worth = $this->alone[$place][$option];
                foreach ($chosen as $other => $its) {
                    $worth += $this->pair($place, $option, $other, $its);
                }
                $best = ! isset($taken[$good]) && ($best === null || $worth > $best[1]) ? [$option, $worth] : $best;
            }
            if ($best === null) {
                return;
            }
            $chosen[$place] = $best[0];
            $taken[$this->goods[$place][$best[0]]] = true;
        }
        ksort($chosen);
        $this->chosen = array_values($chosen);
        $this->worth = $this->worthOf($this->chosen);
    }

    private function pair(int $one, int $option, int $other, int $its): int
    {
        return $one < $other ? $this->pairs[$one][$other][$option][$its] ?? 0 : $this->pairs[$other][$one][$its][$option] ?? 0;
    }

    /** Improves one place after the other, with the others fixed, until nothing gets better. */
    private function improve(): void
    {
        for ($isBetter = $this->chosen !== []; $isBetter;) {
            $isBetter = false;
            foreach (array_keys($this->goods) as $place) {
                foreach ($this->others($place, $this->chosen) as [$next, $worth]) {
                    if ($worth > $this->worth) {
                        [$this->chosen, $this->worth, $isBetter] = [$next, $worth, true];
                    }
                }
            }
        }
    }

    private function messages(): void
    {
        $this->left = array_map(static fn (array $own): array => array_map(floatval(...), $own), $this->alone);
        $this->lay();
        $known = INF;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($this->both as $one => $others) {
                foreach (array_keys($others) as $other) {
                    $this->pass($one, $other);
                }
            }
            $bound = $this->most($this->left);
            $isDone = $bound < $this->worth + 1 || ($round % self::PATIENCE === 0 && $known - $bound < self::STEP * abs($bound));
            if ($isDone) {
                return;
            }
            $known = $round % self::PATIENCE === 0 ? $bound : $known;
        }
    }

    /** The value of every two options together, without the penalty for sharing a good. */
    private function lay(): void
    {
        foreach ($this->goods as $one => $own) {
            for ($other = $one + 1; $other < count($this->goods); $other++) {
                foreach ($own as $option => $good) {
                    foreach ($this->goods[$other] as $its => $taken) {
                        $worth = (float) ($this->pairs[$one][$other][$option][$its] ?? 0);
                        $this->both[$one][$other][$option][$its] = $good === $taken ? self::NEVER : $worth;
                    }
                }
            }
        }
    }

    /**
     * Two places tell each other the best value of their pairs, and each keeps half of it. So places are weighed with
     * their pairs, and what is left of the pairs is never above zero.
     */
    private function pass(int $one, int $other): void
    {
        $table = $this->both[$one][$other];
        [$own, $its] = [$this->left[$one], $this->left[$other]];
        $best = array_fill(0, count($own), -INF);
        $theirs = array_fill(0, count($its), -INF);
        foreach ($table as $a => $row) {
            $mine = $own[$a];
            foreach ($row as $b => $worth) {
                $sum = $worth + $mine + $its[$b];
                if ($sum > $best[$a]) {
                    $best[$a] = $sum;
                }
                if ($sum > $theirs[$b]) {
                    $theirs[$b] = $sum;
                }
            }
        }
        foreach ($table as $a => $row) {
            $given = $own[$a] - $best[$a] / 2;
            foreach ($row as $b => $worth) {
                $row[$b] = $worth + $given + $its[$b] - $theirs[$b] / 2;
            }
            $table[$a] = $row;
            $this->left[$one][$a] = $best[$a] / 2;
        }
        foreach ($theirs as $b => $sum) {
            $this->left[$other][$b] = $sum / 2;
        }
        $this->both[$one][$other] = $table;
    }

    /**
     * What the messages leave of the options that could still beat the best so far, with the others as good as
     * possible.
     *
     * @return array<int, array<int, float>> by place
     */
    private function hopeful(): array
    {
        $wanted = $this->worth + 1 - 1e-3 - $this->most($this->left);
        $hopeful = [];
        foreach ($this->left as $place => $own) {
            $best = $this->most([$own]);
            $hopeful[$place] = array_filter($own, static fn (float $worth): bool => $worth - $best >= $wanted);
        }

        return $hopeful;
    }

    /**
     * @param  array<int, int>  $chosen  by place
     * @param  list<int>  $open  places
     * @param  array<int, array<int, float>>  $left  of each open place, with what the chosen ones leave of its options
     * @param  float  $sure  what the chosen ones come to
     */
    private function branch(array $chosen, array $open, array $left, float $sure): void
    {
        if ($open === []) {
            ksort($chosen);
            $worth = $this->worthOf(array_values($chosen));
            if ($worth > $this->worth) {
                [$this->chosen, $this->worth] = [array_values($chosen), $worth];
            }

            return;
        }
        $rest = $this->most($left);
        $place = $this->narrowest($open, $left);
        $options = $left[$place];
        arsort($options);
        $besides = $sure + $rest - (reset($options) ?: 0.0);
        $open = array_values(array_diff($open, [$place]));
        foreach ($options as $option => $worth) {
            // Values are whole, so a choice that cannot gain one more is skipped.
            if ($besides + $worth < max($this->worth + 1 - 1e-3, self::NEVER / 2)) {
                return;
            }
            if (++$this->nodes > self::NODES) {
                $this->unseen = max($this->unseen, $besides + $worth);

                return;
            }
            $next = array_diff_key($left, [$place => true]);
            foreach ($open as $other) {
                foreach ($next[$other] as $its => $more) {
                    $next[$other][$its] = $more + ($place < $other
                        ? $this->both[$place][$other][$option][$its]
                        : $this->both[$other][$place][$its][$option]);
                }
            }
            $this->branch($chosen + [$place => $option], $open, $next, $sure + $worth);
        }
    }

    /**
     * The most that places can give, since what is left of their pairs is never above zero.
     *
     * @param  array<int, array<int, float>>  $left
     */
    private function most(array $left): float
    {
        $most = 0.0;
        foreach ($left as $options) {
            $most += $options === [] ? 0.0 : max($options);
        }

        return $most;
    }

    /**
     * The open place whose best option stands out most.
     *
     * @param  list<int>  $open
     * @param  array<int, array<int, float>>  $left
     */
    private function narrowest(array $open, array $left): int
    {
        $best = [$open[0], -INF];
        foreach ($open as $place) {
            $first = $second = -INF;
            foreach ($left[$place] as $worth) {
                if ($worth > $first) {
                    [$first, $second] = [$worth, $first];
                } elseif ($worth > $second) {
                    $second = $worth;
                }
            }
            $best = $first - $second > $best[1] ? [$place, $first - $second] : $best;
        }

        return $best[0];
    }
}
