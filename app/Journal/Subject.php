<?php

namespace App\Journal;

/** What acts are done on: its revision grows with every act, those that are taken back too. */
interface Subject
{
    /** The id that its acts are kept under. */
    public function subject(): int;

    /** The revision as it is kept now, whatever this object was read with. */
    public function revisionNow(): int;

    /** One revision further, with whatever else hangs on it; afterwards this object is as it is kept. */
    public function advance(): void;

    /** As it is kept. */
    public function reread(): void;
}
