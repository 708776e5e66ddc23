<?php

namespace App\Models;

/** Why the number of a component changed. */
enum LedgerReason: string
{
    case Unpacked = 'unpacked';
    case Used = 'used';
    case Spoiled = 'spoiled';
    case Lost = 'lost';
    /** It came bent or damaged. */
    case Damaged = 'damaged';
    case NotAsListed = 'not-as-listed';
    case Found = 'found';
    case ToStash = 'to-stash';
    case FromStash = 'from-stash';
    case GivenBack = 'given-back';
    case TakenApart = 'taken-apart';

    /** @return list<self> what counting a kit against its list comes to */
    public static function ofCounting(): array
    {
        return [...self::ofFewer(), self::Found];
    }

    /** @return non-empty-list<self> why there may be fewer than the list says */
    public static function ofFewer(): array
    {
        return [self::Lost, self::Damaged, self::NotAsListed];
    }

    /** The text for the maker of the kit. */
    public function says(): string
    {
        return match ($this) {
            self::Lost => 'missing',
            self::Damaged => 'bent or damaged',
            self::NotAsListed => 'not as listed',
            self::Found => 'more than listed',
            default => '',
        };
    }
}
