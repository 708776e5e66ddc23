<?php

namespace App\Jobs;

/** Share-outs, which the maker waits for, do not stand behind what pages look for by themselves. */
enum Queue: string
{
    case ShareOuts = 'share-outs';
    case Searches = 'searches';
}
