<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

/** How often the same words may stand on cards that are no set. */
enum WordsAgain: string
{
    /** Different words first; when those run out, the ones that stand on the fewest cards. */
    case WhenOut = 'again';
    case Once = 'once';
    case Freely = 'freely';

    public function label(): string
    {
        return match ($this) {
            self::WhenOut => 'again when they run out',
            self::Once => 'once',
            self::Freely => 'freely',
        };
    }
}
