<?php

namespace App\Models;

enum SolveState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    /** The maker has asked to stop. The cards found so far are kept. */
    case Stopping = 'stopping';
    case Done = 'done';
    case Failed = 'failed';

    public function isUnderWay(): bool
    {
        return $this !== self::Done && $this !== self::Failed;
    }
}
