<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

/** A strip over a mistake, or a mat under a panel that was cut down. It is cut like any piece. */
final class MendPart implements Accessory
{
    use Plain;

    public const ID = 'mend';

    public function name(): string
    {
        return 'mending piece';
    }
}
