<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** How stiff a cardstock is; only heavy stock carries a card. */
enum Weight: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';
}
