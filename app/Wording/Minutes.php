<?php

namespace App\Wording;

/** A duration in words. */
final class Minutes
{
    /** "45 s", "12 min", "2 h 05 min" */
    public static function of(int $seconds): string
    {
        if ($seconds < 60) {
            return "$seconds s";
        }
        $minutes = intdiv($seconds + 30, 60);

        return $minutes < 60 ? "$minutes min" : sprintf('%d h %02d min', intdiv($minutes, 60), $minutes % 60);
    }

    /**
     * Durations as whole minutes that add up to the total. The rest goes where rounding took most away.
     *
     * @param  list<int>  $seconds
     * @return list<int>
     */
    public static function shares(array $seconds, int $minutes): array
    {
        $shares = array_map(static fn (int $one): int => intdiv($one, 60), $seconds);
        $rests = array_map(static fn (int $one): int => $one % 60, $seconds);
        arsort($rests);
        foreach (array_slice(array_keys($rests), 0, max(0, $minutes - array_sum($shares))) as $n) {
            $shares[$n]++;
        }

        return array_values($shares);
    }

    /** To the nearest minute. */
    public static function whole(int $seconds): int
    {
        return intdiv($seconds + 30, 60);
    }
}
