<?php

namespace App\Models;

/** What a set of cards outside the table is for. */
enum SolutionKind: string
{
    /** Proposed by a share-out, to be accepted or not. */
    case Proposed = 'proposed';
    /** Saved by the maker under a name. */
    case Kept = 'kept';
    /** One card taken off the table, to be put back. */
    case Aside = 'aside';
}
