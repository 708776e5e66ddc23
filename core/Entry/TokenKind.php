<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

enum TokenKind
{
    case Size;
    case Square;
    case Times;
    case Length;
    case Weight;
    /** Things sold by weight or volume: 20 g, 50 ml. */
    case Amount;
    case Number;
    case Name;
    case Colour;
    case Word;
    /** A comma, a bracket or a dash by itself. */
    case Break;
}
