<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/** Why a piece found on a photograph should be looked at again. */
enum Doubt: string
{
    case AtEdge = 'edge';
    case Faint = 'faint';
    case PerhapsTwo = 'two';
    case Rough = 'rough';

    public function says(): string
    {
        return match ($this) {
            self::AtEdge => 'The photograph ends before it does.',
            self::Faint => 'It is much like the ground or its shadow: look whether the outline is right.',
            self::PerhapsTwo => 'Perhaps two pieces that touch: part them.',
            self::Rough => 'Far from what it is measured by: measure it by hand.',
        };
    }
}
