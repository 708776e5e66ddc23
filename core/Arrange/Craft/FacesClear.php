<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Silhouette;

/** The face of an animal or a person must stay fully visible. */
final class FacesClear implements CraftRule
{
    public function key(): string
    {
        return 'faces-clear';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $piece) {
            $face = self::faceOf($piece);
            if ($face === null) {
                continue;
            }
            foreach ($group->over($part) as $over) {
                if (self::meets($face, $over->bounds) && ! $over->isOpen()) {
                    $name = lcfirst($piece->stand->name);
                    $broken[] = Broken::by(
                        $over->part(),
                        "The face of the $name is covered.",
                        "Bring the $name forward, or turn to another arrangement.",
                        Remedy::forward("Bring the $name forward", $part),
                        Remedy::drop('Leave what covers it off', $over->part()),
                    );
                }
            }
        }

        return $broken;
    }

    /** @return array{int, int, int, int}|null left, top, right, bottom on the front */
    private static function faceOf(Placed $piece): ?array
    {
        $shape = $piece->stand->shape;
        $face = $shape === null || ! $piece->stand->stands->isPicture() ? null : Silhouette::face($shape, $piece->stand->name);
        if ($face === null) {
            return null;
        }
        [$x, $y, $width, $height] = $face;
        $corners = [[$x, $y], [$x + $width, $y], [$x + $width, $y + $height], [$x, $y + $height]];
        $points = Silhouette::laid($corners, $piece->stand->size, $piece->x, $piece->y, $piece->spot->turn);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    /**
     * @param  array{int, int, int, int}  $one
     * @param  array{int, int, int, int}  $other
     */
    private static function meets(array $one, array $other): bool
    {
        return $one[0] < $other[2] && $other[0] < $one[2] && $one[1] < $other[3] && $other[1] < $one[3];
    }
}
