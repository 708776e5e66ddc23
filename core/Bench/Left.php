<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** How a card is left when the time is over. */
enum Left: string
{
    case Complete = 'complete';
    case Untouched = 'not begun';
    /** Its pieces are cut, stamped and fitted. Nothing is glued. */
    case Prepared = 'prepared';
    case HalfGlued = 'half glued';
    case Drying = 'drying';

    public function isClean(): bool
    {
        return $this !== self::HalfGlued && $this !== self::Drying;
    }
}
