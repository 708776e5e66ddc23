<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Hidden;
use KeepShare\Core\Arrange\Stands;

/** Enough of a tucked piece must stay visible that people can tell what it is. No piece is hidden completely. */
final class PiecesShow implements CraftRule
{
    public function key(): string
    {
        return 'pieces-show';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $piece) {
            $least = self::least($piece->stand->stands);
            $shows = $least === 0 ? 100 : 100 - Hidden::percent($piece, $group->over($part));
            if ($shows < $least) {
                $name = lcfirst($piece->stand->name);
                $broken[] = Broken::by(
                    $part,
                    $shows === 0 ? "Nothing of the $name shows." : "Only $shows % of the $name stays visible: nobody can tell what it is.",
                    "Pull it out until $least % is visible, or bring it forward.",
                    Remedy::tuck('Pull it out by four marks', $part, -4),
                    Remedy::forward('Bring it forward', $part),
                    Remedy::drop('Leave it off', $part),
                );
            }
        }

        return $broken;
    }

    /** The least that must stay visible, in per cent of the piece. */
    private static function least(Stands $stands): int
    {
        return match ($stands) {
            Stands::Picture => 60,
            Stands::Letter => 90,
            Stands::Small, Stands::Twin, Stands::Sky, Stands::Banner => 50,
            Stands::Frame => 45,
            Stands::Tag, Stands::Twine => 40,
            Stands::Border => 30,
            Stands::Backing => 15,
            Stands::Words, Stands::MoreWords => 0,
        };
    }
}
