<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

/** What arrangements have in common at a glance. */
enum Family: string
{
    case Centred = 'centred';
    case Lower = 'to the lower side';
    case Band = 'along a band';
    case Column = 'up a column';
    case Corner = 'in a corner';
    case Seam = 'across the seam';
    case OffEdge = 'off the edge';
    case Hung = 'hung';
    case Row = 'in a row';
    case Scene = 'a scene';
    case Scattered = 'scattered';
    case Words = 'the words alone';
    case OnePiece = 'on one piece';

    /** Its pieces lie in a line or side by side on purpose, so no triangle is needed. */
    public function isInLine(): bool
    {
        return in_array($this, [self::Band, self::Column, self::Row, self::Scene, self::Seam, self::Hung], true);
    }
}
