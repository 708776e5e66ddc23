<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Taking;

/** The die that cuts a backing from a scrap. It is used, but not used up. */
final class BackingDiePart implements Accessory
{
    use Plain;

    public const ID = 'backing-die';

    public function name(): string
    {
        return 'die of the backing';
    }

    public function isChosen(Taking $taking): bool
    {
        return false;
    }
}
