<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use Closure;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Cut\Knapsack;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\LinearProgram\LinearProgram;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;

/**
 * Cards and the patterns of their sheets, as one linear program. Pieces used are at most the pieces cut, sheets cut are
 * at most those available, and counted things are limited by their counts.
 *
 * Patterns are added as prices ask for them (column generation: Gilmore and Gomory 1965): for each class of like sheets
 * the most valuable one. At any prices under which every outlay costs at least one, the value of everything bounds the
 * number of cards. Prices that are too low are raised in proportion (Farley, "A note on bounding a class of linear
 * programming problems", Operations Research 38, 1990). So the bound holds in every round.
 */
final class MasterProblem
{
    /** Rounds of pricing, after which the bound is taken as it is. */
    private const ROUNDS = 60;

    private const ROUNDS_FOR_LOOKS = 40;

    /** For looks the patterns are good after the first answer, so that later ones need few more. */
    private const ROUNDS_AGAIN = 2;

    /** A wide margin for rounding in doubles. A bound is rounded down to whole cards after adding it. */
    private const SURE = 1e-5;

    /** The penalty for taking something apart, in cards. Of two equal ways the other one is better. */
    private const APART = 1e-4;

    /** The value of a point of looks, in cards. All cards together gain less than one card by it. */
    private const LOOKS = 1 / (Preferences::MOST_CARDS * (Outlay::MOST_LOOKS + Repeats::MOST));

    /** The limit on the number of all cards. */
    public const CARDS = 'cards';

    /** @var array<string, PartDemand> */
    private array $kinds = [];

    /** @var list<array{string, Knapsack, array<string, int>}> those found so far: class, pattern, pieces by kind */
    private array $patterns = [];

    /** @var array<string, true> */
    private array $known = [];

    /** @var list<array{PartDemand, list<string>}> blanks that bases are folded from, each with the limits it raises */
    private readonly array $blanks;

    /** @var array<string, int> the number of each limit: kinds of pieces, classes of sheets, what is counted */
    private array $numbers;

    public readonly Stand $start;

    public readonly bool $isForLooks;

    /** @var array<string, int> the limits that hold for whole cards: bases, words, pictures and all cards */
    private readonly array $counted;

    /**
     * @param  list<Outlay>  $outlays
     * @param  array<string, LikeSheets>  $classes
     * @param  Repeats  $repeats  none where looks do not matter
     */
    private function __construct(
        public readonly array $outlays,
        public readonly array $classes,
        Table $table,
        private readonly Repeats $repeats,
        int $cards,
    ) {
        $this->isForLooks = $repeats->limits !== [];
        $this->blanks = self::blanks($table, $classes);
        foreach ($outlays as $outlay) {
            foreach ($outlay->pieces as $kind) {
                $this->kinds[$kind->key] = $kind;
            }
        }
        foreach ($this->blanks as [$kind]) {
            $this->kinds[$kind->key] = $kind;
        }
        $sheets = array_map(static fn (LikeSheets $class): int => count($class->sheets), $classes);
        $this->counted = [self::CARDS => $cards, ...self::limits($table, $outlays, $classes)];
        $limits = [...$this->counted, ...$repeats->limits];
        $this->start = Stand::before($sheets, $limits);
        $this->numbers = array_flip([...array_keys($this->kinds), ...array_keys($sheets), ...array_keys($limits)]);
    }

    /** The most cards, from the outlays that no other undercuts. */
    public static function most(Table $table): self
    {
        $cards = min($table->wishes->cards, Bound::byCount($table)->cards);

        return new self(Outlays::leanest(Outlays::on($table)), LikeSheets::on($table), $table, Repeats::none(), $cards);
    }

    /**
     * A given number of cards, the best looking of all. A sketch that is used often loses value.
     *
     * @param  bool  $isApart  things may be taken apart for them
     */
    public function forLooks(Table $table, int $cards, bool $isApart): self
    {
        $classes = array_filter($this->classes, static fn (LikeSheets $class): bool => $isApart || $class->spare === null);
        $outlays = Outlays::forLooks($table);
        $repeats = Repeats::among($outlays, $cards, Source::papersOn($table));

        return new self($outlays, $classes, $table, $repeats, $cards);
    }

    /**
     * The most that fractions of cards could be, once no further pattern has value.
     *
     * @param  int  $enough  cards for which no more patterns are looked for
     * @param  int  $over  for how many more cards pieces are cut than there are bases and words
     */
    public function answer(Stand $at, int $enough = PHP_INT_MAX, int $over = 0): LpSolution
    {
        $lp = LinearProgram::under($this->limitsAt($at, $over));
        $made = $folded = $cut = [];
        foreach ($this->outlays as $n => $outlay) {
            $takes = $this->takes($outlay->pieces, [self::CARDS, ...$outlay->counted, ...$this->repeats->on($outlay->sketch)]);
            $made[$lp->add($takes, $this->worth($outlay))] = $n;
        }
        foreach ($this->repeats->losses as $name => $points) {
            $lp->add([$this->numbers[$name] => -1.0], -self::LOOKS * $points);
        }
        foreach ($this->blanks as $n => [$kind, $raises]) {
            $takes = [$this->numbers[$kind->key] => 1.0];
            foreach ($raises as $limit) {
                $takes[$this->numbers[$limit]] = -1.0;
            }
            $folded[$lp->add($takes, 0.0)] = $n;
        }
        foreach (array_keys($this->patterns) as $n) {
            $cut[$this->cutBy($lp, $n)] = $n;
        }
        $lp->solve();
        $rounds = match (true) {
            ! $this->isForLooks => self::ROUNDS,
            $this->patterns === [] => self::ROUNDS_FOR_LOOKS,
            default => self::ROUNDS_AGAIN,
        };
        if ($this->patterns === []) {
            // Nothing has a price before something can be cut, so the first patterns are those with the least waste.
            $byArea = static fn (PartDemand $kind): float => $kind->size->exactArea() / 1e12;
            foreach ($this->price($lp, $at, $byArea)[1] as $n) {
                $cut[$this->cutBy($lp, $n)] = $n;
            }
            $lp->solve();
        }
        $price = fn (PartDemand $kind): float => $lp->dualPrice($this->numbers[$kind->key]);
        $bound = [PHP_INT_MAX, Need::Paper];
        for ($round = 0; $round < $rounds && ($this->isForLooks || $lp->worth() < $enough); $round++) {
            [$worths, $new] = $this->price($lp, $at, $price);
            $bound = $this->isForLooks ? $bound : min($bound, $this->bound($lp, $at, $worths));
            if ($new === [] || $bound[0] <= (int) floor($lp->worth() + self::SURE)) {
                break;
            }
            foreach ($new as $n) {
                $cut[$this->cutBy($lp, $n)] = $n;
            }
            $lp->solve();
        }
        $amounts = $lp->amounts();

        return LpSolution::of(self::amounts($amounts, $made), self::amounts($amounts, $folded), self::amounts($amounts, $cut), ...$bound);
    }

    /** @return list<float> */
    private function limitsAt(Stand $at, int $over): array
    {
        $limits = [];
        foreach (array_keys($this->numbers) as $name) {
            $more = isset($this->counted[$name]) ? $over : 0;
            $limits[] = (float) ($at->cut[$name] ?? $at->sheets[$name] ?? $more + ($at->limits[$name] ?? 0));
        }

        return $limits;
    }

    /** @return list<string> the limits of repeats that a card counts for */
    public function repeatsOn(Outlay $outlay): array
    {
        return $this->repeats->on($outlay->sketch);
    }

    /**
     * @param  array<int, float>  $amounts  by activity
     * @param  array<int, int>  $numbers  by activity
     * @return array<int, float> by number
     */
    private static function amounts(array $amounts, array $numbers): array
    {
        $own = [];
        foreach (array_intersect_key($numbers, $amounts) as $activity => $number) {
            $own[$number] = $amounts[$activity];
        }

        return $own;
    }

    /** The state after a sheet is cut by a pattern, with its cost removed. Null if the sheet is not available. */
    public function cutting(Stand $at, int $number): ?Stand
    {
        [$key, , $pieces] = $this->patterns[$number];
        $class = $this->classes[$key];
        if ($at->sheets[$key] < 1) {
            return null;
        }
        $isNext = $class->costs !== [] && $at->sheets[$key] % $class->each() === 0;
        $paid = $isNext ? $at->without([], array_fill_keys($class->costs, 1)) : $at;

        return $paid?->cutting($key, $pieces);
    }

    private function worth(Outlay $outlay): float
    {
        return $this->isForLooks ? 1.0 + self::LOOKS * $outlay->looks() : 1.0;
    }

    /** @return array{string, Knapsack, array<string, int>} */
    public function pattern(int $number): array
    {
        return $this->patterns[$number];
    }

    /** @return array{PartDemand, list<string>} */
    public function blank(int $number): array
    {
        return $this->blanks[$number];
    }

    /**
     * @param  list<PartDemand>  $pieces
     * @param  list<string>  $counted
     * @return array<int, float>
     */
    private function takes(array $pieces, array $counted): array
    {
        $takes = [];
        foreach ([...array_column($pieces, 'key'), ...$counted] as $name) {
            $number = $this->numbers[$name];
            $takes[$number] = ($takes[$number] ?? 0.0) + 1.0;
        }

        return $takes;
    }

    private function cutBy(LinearProgram $lp, int $number): int
    {
        [$class, , $pieces] = $this->patterns[$number];
        $takes = [$this->numbers[$class] => 1.0];
        foreach ($this->classes[$class]->costs as $limit) {
            $takes[$this->numbers[$limit]] = 1 / $this->classes[$class]->each();
        }
        foreach ($pieces as $kind => $many) {
            $takes[$this->numbers[$kind]] = -(float) $many;
        }

        return $lp->add($takes, $this->classes[$class]->spare === null ? 0.0 : -self::APART);
    }

    /**
     * For each class of sheets: the value of a sheet at the prices of its pieces, and the patterns worth more than the
     * sheet.
     *
     * @param  Closure(PartDemand): float  $priceOf
     * @return array{array<string, float>, list<int>} worths by class; numbers of new patterns
     */
    private function price(LinearProgram $lp, Stand $at, Closure $priceOf): array
    {
        $price = fn (string $limit): float => $lp->dualPrice($this->numbers[$limit]);
        $worths = [];
        $new = [];
        foreach ($this->classes as $key => $class) {
            $wanted = [];
            foreach (array_keys($this->kinds) as $n => $name) {
                $kind = $this->kinds[$name];
                $worth = $priceOf($kind);
                if ($worth > self::SURE / 100 && $class->yields($kind)) {
                    $wanted[$n] = [
                        'width' => $kind->size->width->units,
                        'height' => $kind->size->height->units,
                        'worth' => $worth,
                        'mayTurn' => $class->mayTurn || $kind->mayTurn,
                    ];
                }
            }
            $pattern = match (true) {
                $at->sheets[$key] === 0 => null,
                $this->isForLooks => Knapsack::good($class->size, $wanted),
                default => Knapsack::best($class->size, $wanted),
            };
            $worths[$key] = $pattern->most ?? 0.0;
            $cost = $lp->dualPrice($this->numbers[$key]) + self::cost($class, $price);
            if ($pattern !== null && $pattern->worth > $cost + self::SURE) {
                $number = $this->keep($key, $pattern);
                $new = $number === null ? $new : [...$new, $number];
            }
        }

        return [$worths, $new];
    }

    /**
     * The loss for a sheet that comes from something taken apart.
     *
     * @param  Closure(string): float  $price  of what is counted
     */
    private static function cost(LikeSheets $class, Closure $price): float
    {
        return array_sum(array_map($price, $class->costs)) / $class->each();
    }

    private function keep(string $class, Knapsack $pattern): ?int
    {
        $names = array_keys($this->kinds);
        $pieces = [];
        foreach ($pattern->counts as $n => $many) {
            $pieces[$names[$n]] = $many;
        }
        ksort($pieces);
        $key = $class.json_encode($pieces);
        if (isset($this->known[$key])) {
            return null;
        }
        $this->known[$key] = true;
        $this->patterns[] = [$class, $pattern, $pieces];

        return count($this->patterns) - 1;
    }

    /**
     * The value of everything at these prices, divided by the least cost of a card.
     *
     * @param  array<string, float>  $worths  of a sheet, by class
     * @return array{int, Need} and what has the larger part of the worth
     */
    private function bound(LinearProgram $lp, Stand $at, array $worths): array
    {
        $prices = $this->dualPrices($lp);
        $least = INF;
        foreach ($this->outlays as $outlay) {
            $cost = $prices[self::CARDS];
            foreach ([...array_column($outlay->pieces, 'key'), ...$outlay->counted] as $name) {
                $cost += $prices[$name];
            }
            $least = min($least, $cost);
        }
        $papers = $cardstocks = $worth = 0.0;
        foreach ($at->sheets as $key => $many) {
            $class = $this->classes[$key];
            $own = $many * max(0.0, $worths[$key] - self::cost($class, static fn (string $limit): float => $prices[$limit]));
            $class->isPaper() ? $papers += $own : $cardstocks += $own;
        }
        foreach ([$at->cut, $at->limits] as $there) {
            foreach ($there as $name => $many) {
                $worth += $many * $prices[$name];
            }
        }

        $most = $least > 0.0 ? ($worth + $papers + $cardstocks) / $least : INF;

        return [
            (int) min(PHP_INT_MAX >> 1, floor($most + self::SURE)),
            $papers >= $cardstocks ? Need::Paper : Need::Cardstock,
        ];
    }

    /** @return array<string, float> what a piece and what is counted is worth; a base no more than what it can be folded from */
    private function dualPrices(LinearProgram $lp): array
    {
        $prices = [];
        foreach ($this->numbers as $name => $number) {
            $prices[$name] = $lp->dualPrice($number);
        }
        foreach ($this->blanks as [$kind, $raises]) {
            $left = $prices[$kind->key];
            foreach ($raises as $limit) {
                $prices[$limit] = min($prices[$limit], $left);
                $left -= $prices[$limit];
            }
        }

        return $prices;
    }

    /**
     * @param  array<string, LikeSheets>  $classes
     * @return list<array{PartDemand, list<string>}>
     */
    private static function blanks(Table $table, array $classes): array
    {
        $sources = array_merge([], ...array_values(array_map(static fn (LikeSheets $class): array => $class->sources, $classes)));
        $front = $table->front;
        $blanks = [];
        foreach (FoldEdge::cases() as $fold) {
            $size = Blank::for(Size::of($front->shorter(), $front->longer()), $fold)->size;
            if (in_array(Source::Heavy, $sources, true)) {
                $blanks[] = [PartDemand::of(Source::Heavy, $size), [Outlays::base($front)]];
            }
            if (in_array(Source::LightHeavy, $sources, true)) {
                $blanks[] = [PartDemand::of(Source::LightHeavy, $size), [Outlays::base($front), Outlays::lightBase($front)]];
            }
        }

        return $blanks;
    }

    /**
     * @param  list<Outlay>  $outlays
     * @param  array<string, LikeSheets>  $classes
     * @return array<string, int>
     */
    private static function limits(Table $table, array $outlays, array $classes): array
    {
        $limits = array_fill_keys([Outlays::base($table->front), Outlays::lightBase($table->front)], 0);
        $limits += array_fill_keys(array_merge([], ...array_column($outlays, 'counted')), 0);
        $limits += array_fill_keys(array_merge([], ...array_column($classes, 'costs')), 0);
        foreach ($table->components as $id => $component) {
            foreach ($table->offers($id) ? Outlays::limitsOf($component) : [] as $limit) {
                if (isset($limits[$limit])) {
                    $limits[$limit] += max(0, $table->free[$id] ?? 0);
                }
            }
        }
        if (isset($limits[Outlays::WORDS])) {
            $limits[Outlays::WORDS] = min($limits[Outlays::WORDS], Bound::byCount($table)->cards);
        }

        return $limits;
    }
}
