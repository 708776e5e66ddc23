<?php

namespace App\Models;

/** What a set of cards that does not lie on the table is there for. */
enum SolutionKind: string
{
    /** Found by a solve, to be accepted or left. */
    case Proposed = 'proposed';
    /** Kept by the maker under a name. */
    case Kept = 'kept';
    /** One card taken off the table, to be put back. */
    case Aside = 'aside';
}
