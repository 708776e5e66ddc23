<?php

declare(strict_types=1);

namespace KeepShare\Core\Tally;

use KeepShare\Core\Measure\Size;

/** How much of a component its cards take, in whole per cent. */
final class Share
{
    /** By number of pieces or other equal things. Rounded down, so that 100 means all of it. */
    public static function ofCount(int $used, int $all): int
    {
        return $all === 0 ? 0 : intdiv(100 * $used, $all);
    }

    /**
     * By area: how much of the sheets the pieces cover.
     *
     * @param  list<Size>  $pieces
     * @param  list<Size>  $sheets
     */
    public static function ofArea(array $pieces, array $sheets): int
    {
        return self::ofCount(self::area($pieces), self::area($sheets));
    }

    /** @param  list<Size>  $sizes */
    private static function area(array $sizes): int
    {
        return array_sum(array_map(static fn (Size $size): int => $size->exactArea(), $sizes));
    }
}
