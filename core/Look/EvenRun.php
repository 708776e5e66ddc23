<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The colour of a plain thing under lamps: a quadratic surface through most of its squares. It is fitted several times,
 * with less weight for outliers (J. W. Tukey's biweight).
 *
 * @phpstan-import-type Rgb from Cells
 */
final readonly class EvenRun
{
    private const ROUNDS = 6;

    /** @param  array{list<float>, list<float>, list<float>}  $terms  of red, green and blue */
    private function __construct(private Cells $cells, private array $terms)
    {
    }

    /** @param  non-empty-list<int>  $squares  at least six */
    public static function of(Cells $cells, array $squares): self
    {
        $weights = array_fill_keys($squares, 1.0);
        // It starts from the median, so that a piece across the edge does not pull it over.
        $middle = self::middle($cells, $squares);
        foreach ($squares as $n) {
            $weights[$n] = self::weight(self::apart($cells->means[$n], $middle), 0.6);
        }
        $run = new self($cells, self::fit($cells, $weights));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($squares as $n) {
                $weights[$n] = self::weight($run->differs($n, $cells->means[$n]), 0.25);
            }
            if (array_sum($weights) < 6) {
                break;
            }
            $run = new self($cells, self::fit($cells, $weights));
        }

        return $run;
    }

    /**
     * By how much a colour differs from the expected one, as a share of the brightness.
     *
     * @param  Rgb  $colour
     */
    public function differs(int $square, array $colour): float
    {
        $powers = self::powers($this->cells, $square);
        $should = [];
        foreach ($this->terms as $terms) {
            $should[] = array_sum(array_map(static fn (float $t, float $p): float => $t * $p, $terms, $powers));
        }

        return self::apart($colour, $should);
    }

    /**
     * @param  Rgb  $colour
     * @param  non-empty-array<float>  $should
     */
    private static function apart(array $colour, array $should): float
    {
        $bright = max(24.0, max($should));

        return max(abs($colour[0] - $should[0]), abs($colour[1] - $should[1]), abs($colour[2] - $should[2])) / $bright;
    }

    private static function weight(float $apart, float $most): float
    {
        return $apart >= $most ? 0.0 : (1 - ($apart / $most) ** 2) ** 2;
    }

    /**
     * @param  array<int, float>  $weights  by square
     * @return array{list<float>, list<float>, list<float>}
     */
    private static function fit(Cells $cells, array $weights): array
    {
        $terms = [];
        for ($c = 0; $c < 3; $c++) {
            $rows = array_fill(0, 6, array_fill(0, 7, 0.0));
            for ($a = 0; $a < 6; $a++) {
                $rows[$a][$a] = 1e-6;
            }
            foreach ($weights as $n => $weight) {
                $powers = self::powers($cells, $n);
                for ($a = 0; $a < 6; $a++) {
                    for ($b = 0; $b < 6; $b++) {
                        $rows[$a][$b] += $weight * $powers[$a] * $powers[$b];
                    }
                    $rows[$a][6] += $weight * $powers[$a] * $cells->means[$n][$c];
                }
            }
            $terms[] = Homography::solved($rows);
        }

        return [$terms[0], $terms[1], $terms[2]];
    }

    /** @return array{float, float, float, float, float, float} */
    private static function powers(Cells $cells, int $square): array
    {
        $x = 2 * ($square % $cells->across) / max(1, $cells->across - 1) - 1;
        $y = 2 * intdiv($square, $cells->across) / max(1, $cells->down - 1) - 1;

        return [1.0, $x, $y, $x * $x, $x * $y, $y * $y];
    }

    /**
     * @param  non-empty-list<int>  $squares
     * @return Rgb
     */
    private static function middle(Cells $cells, array $squares): array
    {
        $middle = [];
        for ($c = 0; $c < 3; $c++) {
            $values = array_map(static fn (int $n): float => $cells->means[$n][$c], $squares);
            sort($values);
            $middle[] = $values[intdiv(count($values), 2)];
        }

        return [$middle[0], $middle[1], $middle[2]];
    }
}
