<?php

namespace App\Jobs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Runs a task in the background. The task is known by its class, so jobs need nothing of what they run. */
final class RunTask implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 600;

    /** @param  class-string<Task>  $task */
    private function __construct(private readonly string $task, private readonly int $on)
    {
    }

    /** @param  class-string<Task>  $task */
    public static function later(string $task, int $on, Queue $queue): void
    {
        dispatch((new self($task, $on))->onQueue($queue->value));
    }

    public function handle(): void
    {
        app($this->task)->run($this->on);
    }

    public function failed(): void
    {
        app($this->task)->brokeOff($this->on);
    }

    /** @return class-string<Task> */
    public function task(): string
    {
        return $this->task;
    }

    public function displayName(): string
    {
        return class_basename($this->task)." $this->on";
    }
}
