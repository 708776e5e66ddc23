<?php

namespace App\View;

use Closure;

/** What several props of a page are made from. It is computed when the first of them is asked for, and only then. */
final class Later
{
    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @return Closure(): T
     */
    public static function of(Closure $make): Closure
    {
        $made = null;

        return static function () use (&$made, $make): mixed {
            $made ??= [$make()];

            return $made[0];
        };
    }

    /**
     * Computed now, since its source may be gone later.
     *
     * @template T
     *
     * @param  Closure(): T  $make
     * @return Closure(): T
     */
    public static function now(Closure $make): Closure
    {
        $made = $make();

        return static fn (): mixed => $made;
    }
}
