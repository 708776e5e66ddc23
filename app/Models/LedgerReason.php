<?php

namespace App\Models;

/** Why the number of a component changed. */
enum LedgerReason: string
{
    case Unpacked = 'unpacked';
    case Used = 'used';
    case Spoiled = 'spoiled';
    case Lost = 'lost';
    case Found = 'found';
    case ToStash = 'to-stash';
    case FromStash = 'from-stash';
    case GivenBack = 'given-back';
    case TakenApart = 'taken-apart';

    /** @return list<self> what counting a kit against its list comes to */
    public static function ofCounting(): array
    {
        return [self::Lost, self::Spoiled, self::Found];
    }

    /** As it is told to the maker of the kit. */
    public function says(): string
    {
        return match ($this) {
            self::Lost => 'missing',
            self::Spoiled => 'bent or damaged',
            self::Found => 'more than listed',
            default => '',
        };
    }
}
