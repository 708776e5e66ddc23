<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** How stiff a cardstock is. Only heavy stock can be a card base. */
enum Weight: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';
}
