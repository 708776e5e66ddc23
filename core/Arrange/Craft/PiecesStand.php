<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Silhouette;

/** A piece with a right way up must stand. It may lean only a little. */
final class PiecesStand implements CraftRule
{
    private const LEANS = 15;

    public function key(): string
    {
        return 'pieces-stand';
    }

    public function broken(Group $group): array
    {
        $broken = [];
        foreach ($group->pieces as $part => $piece) {
            $shape = $piece->stand->shape;
            $leans = abs($piece->spot->turn) > self::LEANS;
            if ($leans && $shape !== null && $piece->stand->stands->isPicture() && Silhouette::stands($shape)) {
                $broken[] = Broken::by(
                    $part,
                    'The '.lcfirst($piece->stand->name)." leans over by {$piece->spot->turn}°, though it is directional.",
                    'Stand it upright.',
                    Remedy::upright('Stand it upright', $part),
                );
            }
        }

        return $broken;
    }
}
