<?php

namespace App\Journal;

/** What acts are done on: its revision grows with every act that touches it, and with those that are taken back. */
interface Subject
{
    /** The id that its acts are kept under. */
    public function subject(): int;

    /** The revision as it is kept now, whatever this object was read with. */
    public function revisionNow(): int;

    /** As it is kept. */
    public function reread(): void;
}
