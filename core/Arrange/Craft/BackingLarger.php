<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Pieces;

/** A backing or a frame must be larger on every side than the picture on it. */
final class BackingLarger implements CraftRule
{
    /** The least that must stay visible on every side: 1/16 in. */
    private const SHOWS = 12_700;

    public function key(): string
    {
        return 'backing-larger';
    }

    public function broken(Group $group): array
    {
        $picture = $group->piece(Pieces::FOCAL);
        if ($picture === null) {
            return [];
        }
        $broken = [];
        foreach ([Pieces::BACKING, Pieces::FRAME] as $part) {
            $under = $group->piece($part);
            if ($under === null || ! in_array($part, $picture->under, true)) {
                continue;
            }
            [$left, $top, $right, $bottom] = $under->bounds;
            $isLarger = $left + self::SHOWS <= $picture->bounds[0]
                && $top + self::SHOWS <= $picture->bounds[1]
                && $picture->bounds[2] <= $right - self::SHOWS
                && $picture->bounds[3] <= $bottom - self::SHOWS;
            if (! $isLarger) {
                $name = lcfirst($under->stand->name);
                $broken[] = Broken::by(
                    $part,
                    "The picture reaches over the $name it lies on.",
                    'Take a larger one, or leave it off.',
                    Remedy::drop('Leave it off', $part),
                );
            }
        }

        return $broken;
    }
}
