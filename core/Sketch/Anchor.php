<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** Where in another part a panel is set. */
enum Anchor: string
{
    case Middle = 'middle';
    case Top = 'top';
    case Bottom = 'bottom';
    case Left = 'left';
    case Right = 'right';
    case TopLeft = 'top left';
    case TopRight = 'top right';
    case BottomLeft = 'bottom left';
    case BottomRight = 'bottom right';

    public function touches(Edge $edge): bool
    {
        return in_array($edge->value, explode(' ', $this->value), true);
    }
}
