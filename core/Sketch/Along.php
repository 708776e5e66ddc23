<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/** The side of a rectangle that a measure runs along. A share is a share of that side. */
enum Along
{
    case Across;
    case Down;
    case Shorter;

    public function side(Rect $rect): Length
    {
        return match ($this) {
            self::Across => $rect->size->width,
            self::Down => $rect->size->height,
            self::Shorter => $rect->size->shorter(),
        };
    }
}
