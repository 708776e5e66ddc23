<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\LinearProgram\LinearProgram;

/**
 * How many wanted pieces some sheets give when they are cut by the known patterns. A linear program: no more of each
 * piece than is wanted, and no more than is cut.
 */
final class Cover
{
    /** A rest smaller than this counts as nothing. */
    private const SURE = 1e-4;

    private readonly LinearProgram $lp;

    /** @var array<string, int> the limit of each size of sheet */
    private readonly array $limits;

    private readonly int $kinds;

    private float $wanted = 0.0;

    /** @var array<int, array{string, Knapsack}> by activity */
    private array $patterns = [];

    /**
     * @param  list<array{float, int}>  $kinds  the area of a piece, and how many are wanted
     * @param  array<string, int>  $sheets  how many of each size
     */
    private function __construct(array $kinds, array $sheets)
    {
        $this->kinds = count($kinds);
        $this->limits = array_combine(array_keys($sheets), array_keys(array_values($sheets)));
        $limits = [...array_column($kinds, 1), ...array_fill(0, $this->kinds, 0), ...array_values($sheets)];
        $this->lp = LinearProgram::under(array_map(floatval(...), $limits));
        foreach ($kinds as $kind => [$area, $many]) {
            $this->lp->add([$kind => 1.0, $this->kinds + $kind => 1.0], $area);
            $this->wanted += $area * $many;
        }
    }

    /**
     * @param  list<array{float, int}>  $kinds  the area of a piece, and how many are wanted
     * @param  array<string, int>  $sheets  how many of each size
     */
    public static function of(array $kinds, array $sheets): self
    {
        return new self($kinds, $sheets);
    }

    public function add(string $size, Knapsack $pattern): void
    {
        $takes = [$this->limit($size) => 1.0];
        foreach ($pattern->counts as $kind => $count) {
            $takes[$this->kinds + $kind] = -(float) $count;
        }
        $this->patterns[$this->lp->add($takes, 0.0)] = [$size, $pattern];
    }

    public function isCovered(): bool
    {
        $this->lp->solve();

        return $this->lp->worth() >= $this->wanted - self::SURE;
    }

    /** What one more piece of a kind would add, where it is wanted. */
    public function price(int $kind): float
    {
        return $this->lp->dualPrice($this->kinds + $kind);
    }

    /** Whether a pattern with this value at these prices would add anything. */
    public function gainsBy(string $size, float $worth): bool
    {
        return $worth > $this->lp->dualPrice($this->limit($size)) + self::SURE / 10;
    }

    /** @return list<Knapsack> by which sheets of a size are cut, those used most first */
    public function used(string $size): array
    {
        $amounts = $this->lp->amounts();
        arsort($amounts);
        $used = [];
        foreach (array_intersect_key($amounts, $this->patterns) as $activity => $_) {
            [$of, $pattern] = $this->patterns[$activity];
            $used = $of === $size ? [...$used, $pattern] : $used;
        }

        return $used;
    }

    private function limit(string $size): int
    {
        return 2 * $this->kinds + $this->limits[$size];
    }
}
