<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

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
}
