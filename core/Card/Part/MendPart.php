<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

/** A strip over what went wrong, or a mat under a panel that was cut down: cut like any piece. */
final class MendPart implements Accessory
{
    use Plain;

    public const ID = 'mend';

    public function name(): string
    {
        return 'mending piece';
    }
}
