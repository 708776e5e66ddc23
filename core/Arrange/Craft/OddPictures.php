<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;

/** An odd number of pictures looks gathered by chance. Two or four look counted. */
final class OddPictures implements OfTheWhole
{
    public function key(): string
    {
        return 'odd-pictures';
    }

    public function broken(Group $group): array
    {
        $pictures = array_filter($group->pieces, static fn (Placed $one): bool => $one->stand->stands->isPicture());
        $many = count($pictures);
        if ($many % 2 === 1 || $many === 0) {
            return [];
        }
        $last = array_key_first($pictures);
        $name = lcfirst($pictures[$last]->stand->name);

        return [Broken::by(
            $last,
            "$many pictures are an even number: odd ones look gathered by chance.",
            'Add a small one, or leave one off.',
            Remedy::drop("Leave the $name off", $last),
        )];
    }
}
