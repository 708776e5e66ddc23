<?php

namespace App\Jobs;

/** What is done in the background for the thing with this number. */
interface Task
{
    public function run(int $on): void;

    /** The work ended without an answer. */
    public function brokeOff(int $on): void;
}
