<?php

namespace Tests\Core\Support;

/** Tries everything, so it is only for a few pieces on a coarse grid. */
final class BruteForce
{
    /** @var array<string, bool> */
    private array $known = [];

    /**
     * The least number of equal sheets from which pieces can be cut by guillotine cuts.
     *
     * @param  list<array{int, int, bool}>  $pieces  width, height, whether it may turn
     * @return int|null null where they need more than $sheets
     */
    public static function leastSheets(int $width, int $height, array $pieces, int $sheets): ?int
    {
        $force = new self;
        for ($n = 0; $n <= $sheets; $n++) {
            if ($force->spread($width, $height, $pieces, array_fill(0, $n, []))) {
                return $n;
            }
        }

        return null;
    }

    /**
     * The highest value that can be cut from one sheet.
     *
     * @param  list<array{int, int, bool, int, int}>  $wishes  width, height, whether it may turn, worth, limit
     */
    public static function mostWorth(int $width, int $height, array $wishes): int
    {
        $force = new self;
        $sets = [[0, []]];
        foreach ($wishes as [$w, $h, $turn, $worth, $limit]) {
            $more = [];
            foreach ($sets as [$sum, $pieces]) {
                for ($count = 0; $count <= $limit; $count++) {
                    $more[] = [$sum + $count * $worth, [...$pieces, ...array_fill(0, $count, [$w, $h, $turn])]];
                }
            }
            $sets = $more;
        }
        $best = 0;
        foreach ($sets as [$sum, $pieces]) {
            $best = $sum > $best && $force->fits($width, $height, $pieces) ? $sum : $best;
        }

        return $best;
    }

    /**
     * @param  list<array{int, int, bool}>  $pieces
     * @param  list<list<array{int, int, bool}>>  $bins
     */
    private function spread(int $width, int $height, array $pieces, array $bins): bool
    {
        if ($pieces === []) {
            foreach ($bins as $bin) {
                if (! $this->fits($width, $height, $bin)) {
                    return false;
                }
            }

            return true;
        }
        $piece = array_shift($pieces);
        foreach ($bins as $i => $bin) {
            if ($this->spread($width, $height, $pieces, array_values(array_replace($bins, [$i => [...$bin, $piece]])))) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<array{int, int, bool}>  $pieces */
    private function fits(int $w, int $h, array $pieces): bool
    {
        if ($pieces === []) {
            return true;
        }
        if (count($pieces) === 1) {
            [$pw, $ph, $turn] = $pieces[0];

            return ($pw <= $w && $ph <= $h) || ($turn && $ph <= $w && $pw <= $h);
        }
        sort($pieces);

        return $this->known["$w/$h/".json_encode($pieces)] ??= $this->splits($w, $h, $pieces);
    }

    /** @param  list<array{int, int, bool}>  $pieces */
    private function splits(int $w, int $h, array $pieces): bool
    {
        for ($mask = 1; $mask < (1 << count($pieces)) - 1; $mask++) {
            $one = array_values(array_filter($pieces, static fn (int $i): bool => ($mask >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
            $two = array_values(array_filter($pieces, static fn (int $i): bool => ($mask >> $i & 1) === 0, ARRAY_FILTER_USE_KEY));
            for ($x = 1; $x < $w; $x++) {
                if ($this->fits($x, $h, $one) && $this->fits($w - $x, $h, $two)) {
                    return true;
                }
            }
            for ($y = 1; $y < $h; $y++) {
                if ($this->fits($w, $y, $one) && $this->fits($w, $h - $y, $two)) {
                    return true;
                }
            }
        }

        return false;
    }
}
