<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

enum TokenKind
{
    case Size;
    case Times;
    case Length;
    case Number;
    case Name;
    case Colour;
    case Word;
}
