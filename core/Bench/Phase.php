<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/**
 * When something is done to a piece. What is done in an earlier phase comes first: stamping before foam, ribbon before
 * its panel is glued, and dry-fitting before any glue.
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
    case Tucked = 14;
    case Focal = 15;
    case Overlaid = 16;
    case Worded = 17;
    case Lined = 18;
    case Signed = 19;
    case Trimmed = 20;

    /** Whether nothing is glued yet. A card that is left here takes no harm. */
    public function isSafe(): bool
    {
        return $this->value <= self::Fitted->value;
    }
}
