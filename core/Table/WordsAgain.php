<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

/** How often the same words may be used on cards that are not a set. */
enum WordsAgain: string
{
    /** Different words first. When they run out, those on the fewest cards. */
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
