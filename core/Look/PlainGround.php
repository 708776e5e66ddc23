<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The plain surface under the pieces, with its brightness at each place. Lamps and wide shadows change the brightness
 * only a little from one square to the next. So the surface is grown from the edge of the picture over every plain
 * square that hardly differs from its neighbour. A piece stops it with a step. Below the pieces it is filled in from
 * round them, from coarse to fine.
 *
 * @phpstan-import-type Rgb from Cells
 */
final readonly class PlainGround
{
    /** A square of surface varies by at most this many times the noise. */
    private const PLAIN = 2.2;

    /** From one square to the next its brightness changes by at most this share. */
    private const STEP = 0.03;

    /** A square at the edge differs by at most this from the even light of the others. */
    private const AT_EDGE = 0.14;

    /**
     * @param  list<Rgb>  $means  of every square
     * @param  list<bool>  $isBare  squares where nothing lies
     */
    private function __construct(public Cells $cells, public array $means, public array $isBare, public float $noise)
    {
    }

    /** @throws BadReference if there is hardly any plain surface at the edge */
    public static function of(Cells $cells): self
    {
        $noise = $cells->noise();
        $bare = self::grown($cells, $noise);
        if (count(array_filter($bare)) < 0.03 * count($bare)) {
            throw BadReference::because(
                'No plain surface was found round the pieces. Lay them apart on one colour, with some of it on every side.',
            );
        }

        return new self($cells, self::filled($cells, $bare), $bare, $noise);
    }

    /** @return array{across: int, down: int, levels: string} three bytes a square, as base64 */
    public function fields(): array
    {
        $levels = '';
        foreach ($this->means as [$r, $g, $b]) {
            $levels .= chr((int) round($r)).chr((int) round($g)).chr((int) round($b));
        }

        return ['across' => $this->cells->across, 'down' => $this->cells->down, 'levels' => base64_encode($levels)];
    }

    /** @param  array{across: int, down: int, levels: string}  $fields  what was kept of it */
    public static function kept(array $fields): self
    {
        $means = [];
        foreach (str_split((string) base64_decode($fields['levels']), 3) as $levels) {
            $means[] = [(float) ord($levels[0]), (float) ord($levels[1] ?? $levels[0]), (float) ord($levels[2] ?? $levels[0])];
        }

        return new self(Cells::known($fields['across'], $fields['down'], $means), $means, array_fill(0, count($means), true), 1.0);
    }

    /** Equal brightness everywhere, if no surface is seen. */
    public static function unseen(): self
    {
        $grey = [128.0, 128.0, 128.0];

        return new self(Cells::known(1, 1, [$grey]), [$grey], [true], 1.0);
    }

    /** @return Rgb at a pixel */
    public function at(float $x, float $y): array
    {
        [$across, $down] = [$this->cells->across, $this->cells->down];
        $u = max(0.0, min($across - 1.001, $x / Cells::SIDE - 0.5));
        $v = max(0.0, min($down - 1.001, $y / Cells::SIDE - 0.5));
        [$i, $j] = [(int) $u, (int) $v];
        [$fx, $fy] = [$u - $i, $v - $j];
        $n = $j * $across + $i;
        $right = $i + 1 < $across ? 1 : 0;
        $below = $j + 1 < $down ? $across : 0;
        $rgb = [0.0, 0.0, 0.0];
        foreach ([0, 1, 2] as $c) {
            $above = $this->means[$n][$c] * (1 - $fx) + $this->means[$n + $right][$c] * $fx;
            $under = $this->means[$n + $below][$c] * (1 - $fx) + $this->means[$n + $below + $right][$c] * $fx;
            $rgb[$c] = $above * (1 - $fy) + $under * $fy;
        }

        return $rgb;
    }

    /** @return list<bool> */
    private static function grown(Cells $cells, float $noise): array
    {
        $bare = array_fill(0, count($cells->means), false);
        $most = self::PLAIN * $noise + 4;
        $queue = self::seeds($cells, $most);
        foreach ($queue as $n) {
            $bare[$n] = true;
        }
        // The mean of 64 pixels has an eighth of their noise. Lightness here is the sum of four channels.
        $sway = 3 * $noise / 4 / Cells::SIDE;
        while ($queue !== []) {
            $next = [];
            foreach ($queue as $n) {
                foreach ($cells->beside($n) as $m) {
                    if (! $bare[$m] && $cells->spreads[$m] <= $most && self::goesOn($cells->means[$n], $cells->means[$m], $sway)) {
                        $bare[$m] = true;
                        $next[] = $m;
                    }
                }
            }
            $queue = $next;
        }

        return array_values($bare);
    }

    /**
     * @param  Rgb  $one
     * @param  Rgb  $next
     */
    private static function goesOn(array $one, array $next, float $sway): bool
    {
        for ($c = 0; $c < 3; $c++) {
            if (abs($one[$c] - $next[$c]) > self::STEP * max($one[$c], 24.0) + $sway) {
                return false;
            }
        }

        return true;
    }

    /**
     * Plain squares at the edge that match the even light of the others.
     *
     * @return list<int>
     */
    private static function seeds(Cells $cells, float $most): array
    {
        $plain = [];
        foreach ($cells->spreads as $n => $spread) {
            if ($spread <= $most && $cells->isAtEdge($n)) {
                $plain[] = $n;
            }
        }
        if (count($plain) < 8) {
            return $plain;
        }
        $run = EvenRun::of($cells, $plain);

        return array_values(array_filter($plain, static fn (int $n): bool => $run->differs($n, $cells->means[$n]) <= self::AT_EDGE));
    }

    /**
     * @param  list<bool>  $bare
     * @return list<Rgb>
     */
    private static function filled(Cells $cells, array $bare): array
    {
        $sums = [];
        foreach ($cells->means as $n => [$r, $g, $b]) {
            $sums[] = $bare[$n] ? [$r, $g, $b, 1.0] : [0.0, 0.0, 0.0, 0.0];
        }

        return self::spread($sums, $cells->across, $cells->down);
    }

    /**
     * Each empty square gets the value of the square of twice its size round it.
     *
     * @param  list<array{float, float, float, float}>  $sums  colours and how much they count for
     * @return list<Rgb>
     */
    private static function spread(array $sums, int $across, int $down): array
    {
        if ($across === 1 && $down === 1) {
            $by = max(1e-9, $sums[0][3]);

            return [[$sums[0][0] / $by, $sums[0][1] / $by, $sums[0][2] / $by]];
        }
        [$wide, $high] = [intdiv($across + 1, 2), intdiv($down + 1, 2)];
        $coarse = array_fill(0, $wide * $high, [0.0, 0.0, 0.0, 0.0]);
        foreach ($sums as $n => [$r, $g, $b, $w]) {
            $m = intdiv(intdiv($n, $across), 2) * $wide + intdiv($n % $across, 2);
            $coarse[$m] = [$coarse[$m][0] + $r, $coarse[$m][1] + $g, $coarse[$m][2] + $b, $coarse[$m][3] + $w];
        }
        foreach ($coarse as $m => [$r, $g, $b, $w]) {
            // Each square counts once, so that near ones do not outweigh distant ones.
            $coarse[$m] = $w > 1 ? [$r / $w, $g / $w, $b / $w, 1.0] : [$r, $g, $b, $w];
        }
        $under = self::spread($coarse, $wide, $high);
        $filled = [];
        foreach ($sums as $n => [$r, $g, $b, $w]) {
            $filled[] = $w > 0 ? [$r / $w, $g / $w, $b / $w] : self::between($under, $wide, $high, $n % $across, intdiv($n, $across));
        }

        return $filled;
    }

    /**
     * @param  list<Rgb>  $under  squares twice as large
     * @return Rgb
     */
    private static function between(array $under, int $wide, int $high, int $i, int $j): array
    {
        [$x, $y] = [intdiv($i, 2), intdiv($j, 2)];
        $u = max(0, min($wide - 1, $i % 2 === 0 ? $x - 1 : $x + 1));
        $v = max(0, min($high - 1, $j % 2 === 0 ? $y - 1 : $y + 1));
        [$a, $b, $c, $d] = [$under[$y * $wide + $x], $under[$y * $wide + $u], $under[$v * $wide + $x], $under[$v * $wide + $u]];
        $mixed = static fn (int $k): float => (9 * $a[$k] + 3 * $b[$k] + 3 * $c[$k] + $d[$k]) / 16;

        return [$mixed(0), $mixed(1), $mixed(2)];
    }
}
