<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;

/**
 * Nothing hangs over the front, since it would bend in the envelope. A piece that is trimmed on purpose keeps more than
 * half of itself.
 */
final class WithinFront implements CraftRule
{
    public function key(): string
    {
        return 'within-front';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $piece) {
            $name = lcfirst($piece->stand->name);
            if (self::isOver($piece, $group)) {
                $broken[] = Broken::by(
                    $part,
                    "The $name hangs over the edge of the front.",
                    'Move it in, take a smaller one, or trim it flush.',
                    Remedy::home('Put it back', $part),
                    Remedy::drop('Leave it off', $part),
                );
            } elseif ($piece->trim !== null && self::left($piece) < 50) {
                $broken[] = Broken::by(
                    $part,
                    "Less than half of the $name is left when it is trimmed.",
                    'Move it in, or leave it off.',
                    Remedy::home('Put it back', $part),
                    Remedy::drop('Leave it off', $part),
                );
            }
        }

        return $broken;
    }

    private static function isOver(Placed $piece, Group $group): bool
    {
        [$left, $top, $right, $bottom] = $piece->bounds;

        return $left < 0 || $top < 0 || $right > $group->front->width->units || $bottom > $group->front->height->units;
    }

    /** In per cent of the box round the piece. */
    private static function left(Placed $piece): int
    {
        [$left, $top, $right, $bottom] = $piece->bounds;

        return intdiv(100 * max(0, $right - $left) * max(0, $bottom - $top), max(1, $piece->stand->size->exactArea()));
    }
}
