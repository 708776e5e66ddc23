<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

enum Edge: string
{
    case Left = 'left';
    case Right = 'right';
    case Top = 'top';
    case Bottom = 'bottom';

    public function isUpright(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Top => self::Bottom,
            self::Bottom => self::Top,
        };
    }
}
