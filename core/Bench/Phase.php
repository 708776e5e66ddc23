<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/**
 * When in the making of a card something is done to a piece: what is done to it in an earlier phase comes first. Stamp
 * before foam, ribbon before the panel is glued down, everything dry-fitted before there is glue.
 */
enum Phase: int
{
    case Scored = 1;
    case Shaped = 2;
    case Stamped = 3;
    case Tied = 4;
    case Fitted = 5;
    case Matted = 6;
    case Built = 7;
    case Fronted = 8;
    case Focal = 9;
    case Worded = 10;
    case Lined = 11;
    case Signed = 12;
    case Trimmed = 13;

    /** Before there is glue on anything: left so, a card takes no harm. */
    public function isSafe(): bool
    {
        return $this->value <= self::Fitted->value;
    }
}
