<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;

/** Flat layers and foam layers alternate. Foam on foam wobbles and makes the card thick. */
final class FlatAndFoam implements CraftRule
{
    public function key(): string
    {
        return 'flat-and-foam';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $piece) {
            if ($piece->up > 1 && $piece->spot->isLifted) {
                $broken[] = Broken::by(
                    $part,
                    'The '.lcfirst($piece->stand->name).' stands on foam over foam.',
                    'Glue it flat.',
                    Remedy::flat('Glue it flat', $part),
                );
            }
        }

        return $broken;
    }
}
