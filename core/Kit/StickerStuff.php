<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** What a sticker is made of. */
enum StickerStuff: string
{
    case Chipboard = 'chipboard';
    case Puffy = 'puffy';
    case Epoxy = 'epoxy';
    case Foil = 'foil';
    case Label = 'label';
}
