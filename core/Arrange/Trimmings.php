<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Cluster;

/**
 * Where gems, pearls and dots lie: in a loose triangle round the group, in a row under it, or at its corners. They keep
 * clear of the words, of every face, and of each other. Three sizes are mixed.
 */
final class Trimmings
{
    /** Half the width of the three sizes in turn: 1/8, 3/32 and 5/32 in. */
    private const HALVES = [12_700, 9_525, 15_875];

    /** Places round the picture, in hundredths of its box, the most usual first: near it, then further off. */
    private const ROUND = [
        [-12, 84], [112, 30], [84, 112], [14, -12], [-12, 16], [112, 80],
        [50, 114], [62, -12], [-14, 50], [114, 54], [14, 112], [90, -10],
        [-34, 96], [134, 20], [104, 132], [0, -32],
        [-34, 10], [134, 92], [40, 136], [70, -32],
        [-40, 54], [140, 58], [-10, 130], [110, -24],
    ];

    /** The least distance to the edge of the front: 1/8 in. */
    private const RIM = 25_400;

    private const CORNERS = [[0, 0], [100, 100], [100, 0], [0, 100], [50, -9], [50, 109], [-9, 50]];

    private const ROW = [[50, 108], [32, 108], [68, 108], [14, 108], [86, 108], [-4, 108], [104, 108]];

    /** Places on the panel, in hundredths of it, for groups that reach from edge to edge. */
    private const ELSEWHERE = [
        [8, 8], [92, 12], [8, 92], [92, 92], [50, 6], [6, 50], [94, 50], [50, 95], [28, 10], [72, 94], [30, 92], [74, 8],
    ];

    /** @return list<array{int, int, int}> middles, and half of how wide each is; as many as find room */
    public static function round(Group $group, int $many): array
    {
        $room = $group->unit === Unit::Inch ? 12_700 : 16_000;
        $reach = max(self::HALVES) + $room;
        $open = self::clear(self::near($group), $group, $reach);
        if (count($open) < $many) {
            $open = [...$open, ...self::clear(self::elsewhere($group), $group, $reach)];
        }
        $chosen = [];
        while ($open !== [] && count($chosen) < $many) {
            $n = $group->arrangement->cluster === Cluster::Row ? 0 : self::furthest($open, $chosen, $room);
            [$x, $y] = $open[$n];
            array_splice($open, $n, 1);
            $half = self::HALVES[count($chosen) % 3];
            if (self::isApart($x, $y, $half + $room, $chosen)) {
                $chosen[] = [$x, $y, $half];
            }
        }

        return $chosen;
    }

    /**
     * @param  list<array{int, int}>  $points
     * @return list<array{int, int}>
     */
    private static function clear(array $points, Group $group, int $reach): array
    {
        return array_values(array_filter($points, static fn (array $at): bool => self::isClear($group, $at, $reach)));
    }

    /** @return list<array{int, int}> */
    private static function near(Group $group): array
    {
        $shares = match ($group->arrangement->cluster) {
            Cluster::Triangle => self::ROUND,
            Cluster::Row => [...self::ROW, ...self::ROUND],
            Cluster::Corners => [...self::CORNERS, ...self::ROUND],
        };
        $middle = $group->piece(Pieces::FRAME) ?? $group->piece(Pieces::FOCAL) ?? $group->piece(Pieces::WORDS);
        [$left, $top, $right, $bottom] = $middle->bounds ?? $group->bounds();
        $inch = 203_200;

        return self::points($shares, $left, $top, max($inch, $right - $left), max($inch, $bottom - $top));
    }

    /** @return list<array{int, int}> */
    private static function elsewhere(Group $group): array
    {
        $panel = $group->panel;

        return self::points(
            self::ELSEWHERE,
            $panel->x->units,
            $panel->y->units,
            $panel->size->width->units,
            $panel->size->height->units,
        );
    }

    /**
     * @param  list<array{int, int}>  $shares
     * @return list<array{int, int}>
     */
    private static function points(array $shares, int $left, int $top, int $width, int $height): array
    {
        return array_map(static fn (array $share): array => [
            $left + intdiv($share[0] * $width, 100),
            $top + intdiv($share[1] * $height, 100),
        ], $shares);
    }

    /**
     * Whether a place is on the front, clear of the words and of pictures.
     *
     * @param  array{int, int}  $at
     */
    private static function isClear(Group $group, array $at, int $reach): bool
    {
        [$x, $y] = $at;
        $edge = $reach + self::RIM;
        [$width, $height] = [$group->front->width->units, $group->front->height->units];
        if ($x < $edge || $y < $edge || $x > $width - $edge || $y > $height - $edge) {
            return false;
        }
        foreach ($group->pieces as $piece) {
            $isBackground = in_array($piece->stand->stands, [Stands::Backing, Stands::Border, Stands::Twine], true);
            [$left, $top, $right, $bottom] = $piece->bounds;
            $isOn = $left - $reach < $x && $x < $right + $reach && $top - $reach < $y && $y < $bottom + $reach;
            if ($isOn && ! $isBackground) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<array{int, int, int}>  $chosen */
    private static function isApart(int $x, int $y, int $reach, array $chosen): bool
    {
        foreach ($chosen as [$cx, $cy, $half]) {
            if (max(abs($cx - $x), abs($cy - $y)) < $reach + $half) {
                return false;
            }
        }

        return true;
    }

    /**
     * The first place if none is chosen. Otherwise the one furthest from those chosen, so that three make a triangle.
     *
     * @param  non-empty-list<array{int, int}>  $open
     * @param  list<array{int, int, int}>  $chosen
     */
    private static function furthest(array $open, array $chosen, int $step): int
    {
        if ($chosen === []) {
            return 0;
        }
        [$best, $most] = [0, -1];
        foreach ($open as $n => [$x, $y]) {
            $near = min(array_map(static fn (array $one): int => max(abs($one[0] - $x), abs($one[1] - $y)), $chosen));
            $near = intdiv($near, $step);
            if ($near > $most) {
                [$best, $most] = [$n, $near];
            }
        }

        return $best;
    }
}
