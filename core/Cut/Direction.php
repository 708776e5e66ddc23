<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

/** Which way a cut runs on the sheet as it is drawn. */
enum Direction: string
{
    case Across = 'across';
    case Down = 'down';
}
