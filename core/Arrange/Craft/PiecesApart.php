<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Hidden;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Stands;

/** Pieces lie apart unless they are meant to overlap. A piece that overlaps by chance looks dropped. */
final class PiecesApart implements CraftRule
{
    /** How much of the lower piece may be covered by a slight overlap, in per cent. */
    private const GRAZED = 12;

    public function key(): string
    {
        return 'pieces-apart';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $piece) {
            if (! self::counts($piece)) {
                continue;
            }
            foreach ($group->over($part) as $over) {
                if (self::counts($over) && ! self::isMeant($piece, $over) && Hidden::percent($piece, [$over]) > self::GRAZED) {
                    [$name, $other] = [lcfirst($piece->stand->name), lcfirst($over->stand->name)];
                    $broken[] = Broken::by(
                        $part,
                        "The $other lies over the $name as if by chance.",
                        'Move them apart, or tuck one under the other on purpose.',
                        Remedy::home("Put the $name back", $part),
                        Remedy::drop("Leave the $name off", $part),
                    );
                }
            }
        }

        return $broken;
    }

    private static function counts(Placed $piece): bool
    {
        return in_array($piece->stand->stands, [Stands::Picture, Stands::Small, Stands::Tag, Stands::Banner, Stands::Letter], true);
    }

    private static function isMeant(Placed $piece, Placed $over): bool
    {
        return $piece->spot->of === $over->part() || $over->spot->of === $piece->part();
    }
}
