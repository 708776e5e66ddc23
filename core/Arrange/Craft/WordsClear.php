<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Hidden;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Stands;

/** Words are never covered. A piece above the words keeps at least 1/16 in away from them. */
final class WordsClear implements CraftRule
{
    private const ROOM = 12_700;

    public function key(): string
    {
        return 'words-clear';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $words) {
            if (! $words->stand->stands->areWords()) {
                continue;
            }
            // Stamped words are flat on their piece. Any other piece at that place hides them, whether it is laid
            // before or after.
            $others = $words->stand->isInk ? array_diff_key($group->pieces, [$part => true]) : $group->over($part);
            foreach ($others as $other) {
                if (! $words->meets($other, self::ROOM) || self::isStampedOn($words, $other)) {
                    continue;
                }
                $name = lcfirst($other->stand->name);
                $isCovered = Hidden::meet($words, $other);
                $broken[] = Broken::by(
                    $other->part(),
                    $isCovered ? "The $name covers the words." : "The $name crowds the words.",
                    'Bring the words forward, or move it away.',
                    ...$words->stand->isInk ? [] : [Remedy::forward('Bring the words forward', $part)],
                    ...[Remedy::home('Put it back', $other->part()), Remedy::drop('Leave it off', $other->part())],
                );
            }
        }

        return $broken;
    }

    private static function isStampedOn(Placed $words, Placed $piece): bool
    {
        return $words->stand->isInk
            && $piece->stand->stands === Stands::Picture
            && $piece->bounds[0] <= $words->bounds[0]
            && $piece->bounds[1] <= $words->bounds[1]
            && $words->bounds[2] <= $piece->bounds[2]
            && $words->bounds[3] <= $piece->bounds[3];
    }
}
