<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/** What a piece is, by its outline alone. */
enum PieceForm: string
{
    case Round = 'round';
    /** Four right angles, and at least four times as long as wide. */
    case Strip = 'strip';
    /** Four right angles. */
    case Label = 'label';
    case Cut = 'cut';
}
