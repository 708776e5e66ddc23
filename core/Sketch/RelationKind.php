<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** The ways a part can be measured from another. */
enum RelationKind: string
{
    case Inset = 'inset';
    case Mat = 'mat';
    case Panel = 'panel';
    case Strip = 'strip';
    case Rest = 'rest';
    case Between = 'between';
    case Tile = 'tile';
    case Seam = 'seam';
    case Circle = 'circle';

    public function rule(): Rule
    {
        return match ($this) {
            self::Inset => new Inset,
            self::Mat => new MatUnder,
            self::Panel => new Middle,
            self::Strip => new Slice,
            self::Rest => new Rest,
            self::Between => new Between,
            self::Tile => new Tile,
            self::Seam => new Seam,
            self::Circle => new Circle,
        };
    }

    /** The text that the maker sees. */
    public function says(): string
    {
        return match ($this) {
            self::Inset => 'lies in, with a reveal all round',
            self::Mat => 'lies under, with a reveal all round',
            self::Panel => 'is a panel set in',
            self::Strip => 'is a strip or column along an edge of',
            self::Rest => 'is what a strip leaves of',
            self::Between => 'is a band between two parts',
            self::Tile => 'is one of a row or grid of tiles in',
            self::Seam => 'is a strip over the join at an edge of',
            self::Circle => 'is a circle set in',
        };
    }
}
