<?php

namespace Tests\Core\Support;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Stands;

/** Looks at a group as at a photograph from above, by boxes and a grid of points, without knowing how it was made. */
final class Flat
{
    private const GRID = 24;

    /** @return array{float, float, float, float} the box round a piece as it lies, turned: left, top, right, bottom */
    public static function box(Placed $piece): array
    {
        $angle = deg2rad($piece->spot->turn);
        [$w, $h] = [$piece->stand->size->width->units / 2, $piece->stand->size->height->units / 2];
        $x = abs($w * cos($angle)) + abs($h * sin($angle));
        $y = abs($w * sin($angle)) + abs($h * cos($angle));

        return [$piece->x - $x, $piece->y - $y, $piece->x + $x, $piece->y + $y];
    }

    /** @return list<string> what a maker would stop at */
    public static function faults(Group $group): array
    {
        $faults = [];
        $pieces = array_values($group->pieces);
        foreach ($pieces as $n => $piece) {
            $over = array_slice($pieces, $n + 1);
            $name = $piece->part();
            [$left, $top, $right, $bottom] = self::box($piece);
            $isIn = $left >= -1 && $top >= -1 && $right <= $group->front->width->units + 1 && $bottom <= $group->front->height->units + 1;
            if (! $isIn && $piece->trim === null) {
                $faults[] = "$name over the edge";
            }
            if (self::shown($piece, $over) < 0.1) {
                $faults[] = "$name hidden";
            }
            $isWords = in_array($piece->stand->stands, [Stands::Words, Stands::MoreWords], true);
            foreach ($isWords ? $over : [] as $other) {
                $box = self::box($other);
                $isAcross = $piece->bounds[0] < $box[2] && $box[0] < $piece->bounds[2];
                if ($isAcross && $piece->bounds[1] < $box[3] && $box[1] < $piece->bounds[3]) {
                    $faults[] = "words under {$other->part()}";
                }
            }
        }
        $pictures = count(array_filter($pieces, static fn (Placed $one): bool => $one->stand->stands->isPicture()));
        $faults = $pictures > 0 && $pictures % 2 === 0 ? [...$faults, "$pictures pictures"] : $faults;

        return count($group->dots) > 0 && count($group->dots) % 2 === 0 ? [...$faults, count($group->dots).' dots'] : $faults;
    }

    /** @param  list<Placed>  $over */
    private static function shown(Placed $piece, array $over): float
    {
        $seen = 0;
        [$w, $h] = [$piece->stand->size->width->units, $piece->stand->size->height->units];
        for ($n = 0; $n < self::GRID ** 2; $n++) {
            $x = $piece->x + $w * (($n % self::GRID + 0.5) / self::GRID - 0.5);
            $y = $piece->y + $h * ((intdiv($n, self::GRID) + 0.5) / self::GRID - 0.5);
            $isUnder = array_filter($over, static fn (Placed $one): bool => ! $one->isOpen() && self::isOn($one, $x, $y));
            $seen += (int) ($isUnder === []);
        }

        return $seen / self::GRID ** 2;
    }

    private static function isOn(Placed $piece, float $x, float $y): bool
    {
        $isOn = false;
        $points = $piece->outline->rings[0];
        foreach ($points as $n => [$x1, $y1]) {
            [$x2, $y2] = $points[($n + 1) % count($points)];
            $isCrossed = ($y1 > $y) !== ($y2 > $y) && $x < ($x2 - $x1) * ($y - $y1) / ($y2 - $y1) + $x1;
            $isOn = $isCrossed ? ! $isOn : $isOn;
        }

        return $isOn;
    }
}
