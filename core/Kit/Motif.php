<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** What is printed on the face of a paper; the interface draws each its own way. */
enum Motif: string
{
    case Solid = 'solid';
    case Dots = 'dots';
    case Stripe = 'stripe';
    case Gingham = 'gingham';
    case Plaid = 'plaid';
    case Grid = 'grid';
    case Chevron = 'chevron';
    case Wave = 'wave';
    case Scale = 'scale';
    case Plank = 'plank';
    case Script = 'script';
    case Sprig = 'sprig';
    case Leaf = 'leaf';
    case Gull = 'gull';
    case Lantern = 'lantern';
    case Float = 'float';
    case Knit = 'knit';
    case Hills = 'hills';
    case Star = 'star';
    case Foil = 'foil';

    /** How large the print repeats: 0 where there is none, 1 small, 2 middling, 3 large. */
    public function scale(): int
    {
        return match ($this) {
            self::Solid, self::Foil => 0,
            self::Dots, self::Gingham, self::Knit, self::Stripe => 1,
            self::Plaid, self::Plank, self::Hills, self::Lantern, self::Script => 3,
            default => 2,
        };
    }

    /** A thing one would cut out and mount, rather than a pattern. */
    public function isPicture(): bool
    {
        return in_array($this, [self::Sprig, self::Leaf, self::Gull, self::Lantern, self::Star], true);
    }

    /** A view, which is a picture when it is not repeated over a sheet. */
    public function isScene(): bool
    {
        return $this === self::Hills;
    }

    /** What is cut out round a motif: it holds one at least. */
    public static function cutOut(Unit $unit): Size
    {
        return $unit === Unit::Inch ? Size::parse('1 3/4', '1 3/4', Unit::Inch) : Size::parse('45', '45', Unit::Millimetre);
    }
}
