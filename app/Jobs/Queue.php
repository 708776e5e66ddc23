<?php

namespace App\Jobs;

/** Share-outs, which the maker waits for, must not queue behind searches of pages. */
enum Queue: string
{
    case ShareOuts = 'share-outs';
    case Searches = 'searches';
}
