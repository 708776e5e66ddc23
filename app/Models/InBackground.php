<?php

namespace App\Models;

use App\Jobs\Worker;

/**
 * Work that is done in the background and known by its record.
 *
 * @property SolveState $state
 * @property string|null $worker
 */
trait InBackground
{
    /** It is waited for: not one whose worker has died on the way. */
    public function isUnderWay(): bool
    {
        return $this->state->isUnderWay() && ! $this->isLeftBehind();
    }

    /** The worker that was at it is gone. */
    public function isLeftBehind(): bool
    {
        return $this->state->isUnderWay() && $this->worker !== null && ! Worker::isAlive($this->worker);
    }
}
