<?php

declare(strict_types=1);

namespace KeepShare\Core\Pair;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Face;

/**
 * How well two faces go together when they lie edge to edge: 0 to 100, 50 for no reason either way.
 *
 * Shared colours pull together, two busy prints fight, grounds of one lightness merge, and two whites that differ
 * make the warmer one look dirty.
 */
final class Harmony
{
    public static function between(Face $one, Face $two): int
    {
        $grounds = abs($one->ground()->lab()->lightness - $two->ground()->lab()->lightness);
        $figure = 50
            + self::shared($one, $two)
            + ($one->busy && $two->busy ? -25 : 0)
            + ($one->busy !== $two->busy ? 10 : 0)
            + ($grounds >= 20 ? 12 : ($grounds < 8 ? -12 : 0))
            + (self::whitesDiffer($one->ground(), $two->ground()) ? -12 : 0);

        return max(0, min(100, $figure));
    }

    private static function shared(Face $one, Face $two): int
    {
        $nearest = 100.0;
        foreach ($one->colours as $a) {
            foreach ($two->colours as $b) {
                $nearest = min($nearest, $a->differenceFrom($b));
            }
        }

        return match (true) {
            $nearest < 6 => 22,
            $nearest < 14 => 12,
            $nearest > 30 => -8,
            default => 0,
        };
    }

    private static function whitesDiffer(Colour $one, Colour $two): bool
    {
        $areWhites = $one->lab()->lightness > 90 && $two->lab()->lightness > 90;

        return $areWhites && $one->differenceFrom($two) > 2.5;
    }
}
