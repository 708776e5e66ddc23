<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The kinds of component, each used up in its own way. */
enum Kind: string
{
    case Paper = 'paper';
    case Panel = 'panel';
    case Cardstock = 'cardstock';
    case Base = 'base';
    case Envelope = 'envelope';
    case DieCut = 'die-cut';
    case Sticker = 'sticker';
    case LayeredPicture = 'layered-picture';
    case Embellishment = 'embellishment';
    case Ribbon = 'ribbon';
    case Foam = 'foam';
    case Adhesive = 'adhesive';
    case Stamp = 'stamp';
    case Tool = 'tool';

    /** Comes in flat sheets that are cut into pieces. */
    public function isSheets(): bool
    {
        return $this === self::Paper || $this === self::Panel || $this === self::Cardstock;
    }

    /** Shows a print and can be cut into panels and strips. */
    public function isPrintedPaper(): bool
    {
        return $this === self::Paper || $this === self::Panel;
    }

    /** Never used up. */
    public function isEndless(): bool
    {
        return $this === self::Stamp || $this === self::Tool;
    }

    /** Used by length rather than by piece. */
    public function isByLength(): bool
    {
        return $this === self::Ribbon;
    }
}
