<?php

namespace App\Journal;

/** What becomes another by an act, by one that is taken back and by one that is done again: pages from before are old then. */
interface Moved
{
    public function by(Act $act, ?Subject $on): void;
}
