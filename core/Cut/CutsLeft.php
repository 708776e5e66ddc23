<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/**
 * The cuts still to be made on one sheet, of which some parts may be cut off already. While the parts follow the plan,
 * the order is that of the whole sheet, as listed and printed. For a part that was planned again, it is the order with
 * the fewest settings of the guide.
 */
final class CutsLeft
{
    /** The most parts of which every order is tried. */
    private const FEW = 5;

    /**
     * @param  Node|null  $whole  how the sheet was planned before the first cut; null where that is not known
     * @param  array<int, array{int, int, Node}>  $parts  in hand: left and upper edge on the sheet, and how each is cut, from its own
     *                                                    corner
     * @param  Split|null  $last  the cut that was made last
     * @return list<array{int, Split}> the part each is made on, as it is keyed in $parts, and the cut from the corner of that part
     */
    public static function of(?Node $whole, array $parts, ?Split $last): array
    {
        $found = [];
        foreach ($parts as $key => [$x, $y, $root]) {
            foreach (Sequence::of($root) as $split) {
                $found[self::sign($split, $x, $y)] = [$key, $split];
            }
        }
        $order = [];
        foreach ($whole === null ? [] : Sequence::of($whole) as $split) {
            $order[] = self::sign($split, 0, 0);
        }
        if (array_diff(array_keys($found), $order) === []) {
            return array_values(array_map(
                static fn (string $sign): array => $found[$sign],
                array_filter($order, static fn (string $sign): bool => isset($found[$sign])),
            ));
        }

        return self::anew($parts, $last);
    }

    /** A cut in the coordinates of the sheet. */
    private static function sign(Split $split, int $x, int $y): string
    {
        $rect = $split->rect();

        return implode(' ', [
            $x + $rect->x->units,
            $y + $rect->y->units,
            $rect->size->width->units,
            $rect->size->height->units,
            $split->direction->value,
            $split->at->units,
        ]);
    }

    /**
     * @param  array<int, array{int, int, Node}>  $parts
     * @return list<array{int, Split}>
     */
    private static function anew(array $parts, ?Split $last): array
    {
        $best = null;
        foreach (count($parts) > self::FEW ? [array_keys($parts)] : self::orders(array_keys($parts)) as $keys) {
            $run = Sequence::inTurn(array_map(static fn (int $key): Node => $parts[$key][2], $keys), $last);
            if ($best === null || $run[0] < $best[0]) {
                $best = [$run[0], $keys, $run[1]];
            }
        }
        $left = [];
        foreach ($best[2] ?? [] as $n => $splits) {
            foreach ($splits as $split) {
                $left[] = [$best[1][$n], $split];
            }
        }

        return $left;
    }

    /**
     * @param  list<int>  $keys
     * @return list<list<int>>
     */
    private static function orders(array $keys): array
    {
        if (count($keys) < 2) {
            return [$keys];
        }
        $orders = [];
        foreach ($keys as $n => $key) {
            $others = $keys;
            array_splice($others, $n, 1);
            foreach (self::orders($others) as $order) {
                $orders[] = [$key, ...$order];
            }
        }

        return $orders;
    }
}
