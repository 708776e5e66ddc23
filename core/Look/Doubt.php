<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/** Why a piece found on a photograph should be checked. */
enum Doubt: string
{
    case AtEdge = 'edge';
    case Faint = 'faint';
    case PerhapsTwo = 'two';
    case Rough = 'rough';

    public function says(): string
    {
        return match ($this) {
            self::AtEdge => 'It reaches beyond the edge of the photograph.',
            self::Faint => 'It looks much like the background or its shadow. Check its outline.',
            self::PerhapsTwo => 'These may be two pieces that touch. Separate them.',
            self::Rough => 'Far from what it is measured by: measure it by hand.',
        };
    }
}
