<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Arrange\Rule\AlongEdge;
use KeepShare\Core\Arrange\Rule\At;
use KeepShare\Core\Arrange\Rule\Beside;
use KeepShare\Core\Arrange\Rule\Hanging;
use KeepShare\Core\Arrange\Rule\Lapped;
use KeepShare\Core\Arrange\Rule\OffEdge;
use KeepShare\Core\Arrange\Rule\Standing;

/** The ways a place of an arrangement can be measured. */
enum SpotKind: string
{
    case At = 'at';
    case Lapped = 'lapped';
    case Beside = 'beside';
    case Standing = 'standing';
    case Hanging = 'hanging';
    case AlongEdge = 'along edge';
    case OffEdge = 'off edge';

    public function rule(): SpotRule
    {
        return match ($this) {
            self::At => new At,
            self::Lapped => new Lapped,
            self::Beside => new Beside,
            self::Standing => new Standing,
            self::Hanging => new Hanging,
            self::AlongEdge => new AlongEdge,
            self::OffEdge => new OffEdge,
        };
    }

    /** The name that the maker sees. */
    public function says(): string
    {
        return match ($this) {
            self::At => 'has its middle so far across and down',
            self::Lapped => 'lies over or under an edge or a corner of',
            self::Beside => 'lies beside, with a gap,',
            self::Standing => 'stands on the upper edge of',
            self::Hanging => 'hangs from the upper edge of',
            self::AlongEdge => 'lies along an edge of, trimmed flush,',
            self::OffEdge => 'lies off an edge of, trimmed,',
        };
    }

    /** A sentence about one place. Names of options and measures stand in it in braces. */
    public function sentence(): string
    {
        return match ($this) {
            self::At => 'has its middle {across} across and {down} down {of}',
            self::Lapped => 'lies over or under the {side} of {of} by {by}, {along} along',
            self::Beside => 'lies at the {edge} of {of} with a gap of {gap}, {along} along',
            self::Standing => 'stands on the upper edge of {of}, {across} across, sunk in by {sunk}',
            self::Hanging => 'hangs {drop} below the upper edge of {of}, {across} across',
            self::AlongEdge => 'lies along the {edge} edge of {of} and {in} away from it, trimmed flush',
            self::OffEdge => 'goes {over} over the {edge} edge of {of}, {along} along, trimmed',
        };
    }

    /** The measure that tucks it further under another piece. Null if it touches none. */
    public function tucks(): ?string
    {
        return match ($this) {
            self::Lapped => 'by',
            self::Standing => 'sunk',
            self::OffEdge => 'over',
            self::At, self::Beside, self::Hanging, self::AlongEdge => null,
        };
    }

    /** Whether the part that goes beyond is trimmed off. */
    public function isTrimmed(): bool
    {
        return $this === self::AlongEdge || $this === self::OffEdge;
    }
}
