<?php

namespace App\Journal;

/** Raises revisions after an act, an undo or a redo, so that pages from before are old. */
interface Moved
{
    public function by(Act $act, ?Subject $on): void;
}
