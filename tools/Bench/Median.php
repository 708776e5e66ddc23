<?php

namespace Tools\Bench;

use Closure;

/** The time of something that has run a few times before, as on a server that has run for a minute. */
final class Median
{
    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @param  int  $warmUp  how often it is done before it is timed
     * @return array{float, T} in milliseconds, and what came of it
     */
    public static function of(Closure $do, int $times, int $warmUp): array
    {
        for ($n = 0; $n < $warmUp; $n++) {
            $do();
        }
        $took = [];
        do {
            $start = hrtime(true);
            $done = $do();
            $took[] = (hrtime(true) - $start) / 1e6;
        } while (count($took) < $times);
        sort($took);

        return [$took[intdiv(count($took), 2)], $done];
    }
}
