<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

/** How much of a piece is hidden by others, in whole per cent. It is measured along level rows. */
final class Hidden
{
    private const ROWS = 8;

    /** Few rows, enough to tell whether two pieces meet. */
    private const FEW = 4;

    /** The rim of a frame, in per cent of each side. */
    private const RIM = 16;

    /**
     * How much of a piece lies under some others, in per cent.
     *
     * @param  list<Placed>  $over
     */
    public static function percent(Placed $piece, array $over): int
    {
        $over = array_values(array_filter($over, static fn (Placed $one): bool => $one->meets($piece)));
        if ($over === []) {
            return 0;
        }
        [$left, $top, $right, $bottom] = $piece->bounds;
        [$all, $hidden] = [0, 0];
        for ($row = 0; $row < self::ROWS; $row++) {
            $y = $top + intdiv((2 * $row + 1) * ($bottom - $top), 2 * self::ROWS);
            $covers = [];
            foreach ($over as $one) {
                array_push($covers, ...self::across($one, $y));
            }
            sort($covers);
            foreach ($piece->outline->across($y) as [$from, $to]) {
                [$from, $to] = [max($from, $left), min($to, $right)];
                $all += max(0, $to - $from);
                $hidden += self::within($covers, $from, $to);
            }
        }

        return $all === 0 ? 100 : intdiv(100 * $hidden, $all);
    }

    /** Whether two pieces really overlap, and not only the boxes round them. */
    public static function meet(Placed $one, Placed $other): bool
    {
        if (! $one->meets($other)) {
            return false;
        }
        $top = max($one->bounds[1], $other->bounds[1]);
        $bottom = min($one->bounds[3], $other->bounds[3]);
        for ($row = 0; $row < self::FEW; $row++) {
            $y = $top + intdiv((2 * $row + 1) * ($bottom - $top), 2 * self::FEW);
            foreach (self::across($one, $y) as [$from, $to]) {
                foreach (self::across($other, $y) as [$left, $right]) {
                    if ($left < $to && $from < $right) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @return list<array{int, int}> what a row crosses of a piece */
    private static function across(Placed $piece, int $y): array
    {
        [$left, $top, $right, $bottom] = $piece->bounds;
        if ($y <= $top || $y >= $bottom) {
            return [];
        }
        if ($piece->isBox()) {
            return [[$left, $right]];
        }
        $rows = $piece->outline->across($y);
        if (! $piece->isOpen() || $rows === []) {
            return array_map(static fn (array $row): array => [max($row[0], $left), min($row[1], $right)], $rows);
        }
        $rim = intdiv(self::RIM * ($right - $left), 100);
        $isRim = $y < $top + intdiv(self::RIM * ($bottom - $top), 100) || $y > $bottom - intdiv(self::RIM * ($bottom - $top), 100);

        return $isRim ? $rows : [[$left, $left + $rim], [$right - $rim, $right]];
    }

    /**
     * How much of one row of a piece lies under others.
     *
     * @param  list<array{int, int}>  $covers  from the left
     */
    private static function within(array $covers, int $from, int $to): int
    {
        [$hidden, $at] = [0, $from];
        foreach ($covers as [$left, $right]) {
            $left = max($left, $at);
            $right = min($right, $to);
            if ($right > $left) {
                $hidden += $right - $left;
                $at = $right;
            }
        }

        return $hidden;
    }
}
