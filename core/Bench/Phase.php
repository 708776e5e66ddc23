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
    case Textured = 3;
    case Stamped = 4;
    case Heated = 5;
    case Coloured = 6;
    case Edged = 7;
    case Backed = 8;
    case Tied = 9;
    case Fitted = 10;
    case Matted = 11;
    case Built = 12;
    case Fronted = 13;
    case Focal = 14;
    case Worded = 15;
    case Lined = 16;
    case Signed = 17;
    case Trimmed = 18;

    /** Before there is glue on anything: left so, a card takes no harm. */
    public function isSafe(): bool
    {
        return $this->value <= self::Fitted->value;
    }
}
