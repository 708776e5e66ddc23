<?php

namespace App\Models;

use App\Jobs\Worker;

/**
 * Background work that is known by its record.
 *
 * @property SolveState $state
 * @property string|null $worker
 */
trait InBackground
{
    /** Whether somebody waits for it. Work whose worker has died does not count. */
    public function isUnderWay(): bool
    {
        return $this->state->isUnderWay() && ! $this->isLeftBehind();
    }

    /** Whether its worker is gone. */
    public function isLeftBehind(): bool
    {
        return $this->state->isUnderWay() && $this->worker !== null && ! Worker::isAlive($this->worker);
    }
}
