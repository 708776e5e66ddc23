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
}
