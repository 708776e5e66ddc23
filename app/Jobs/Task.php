<?php

namespace App\Jobs;

/** What is done in the background, on what has this number. */
interface Task
{
    public function run(int $on): void;

    /** The work ended without an answer. */
    public function brokeOff(int $on): void;
}
