<?php

namespace App\Journal;

/** What acts are done on. Its revision grows with every act that touches it, and with every undo. */
interface Subject
{
    /** The id under which its acts are stored. */
    public function subject(): int;

    /** The revision in the database, whatever this object was read with. */
    public function revisionNow(): int;

    /** As it is stored. */
    public function reread(): void;
}
