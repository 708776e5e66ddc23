<?php

namespace App\Table;

use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Jobs\Task;
use App\Jobs\Worker;
use App\Models\Kit;
use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * A background search, whose result is remembered until the kit or the stash changes.
 *
 * Only the newest result is remembered, only one search runs at a time, and a search that nobody waits for is dropped.
 */
final readonly class Search
{
    /** How many seconds a request waits for the worker. */
    private const SECONDS = 600;

    private function __construct(private string $key, private string $lies, private Kit $kit)
    {
    }

    public static function for(string $what, Kit $kit): self
    {
        // The time tells this kit from one with the same number in a table that was cleared.
        return new self("$what:$kit->id:{$kit->created_at?->getTimestamp()}", self::lying($kit), $kit);
    }

    public function found(): mixed
    {
        $found = Cache::get($this->key);

        return is_array($found) && $found['lies'] === $this->lies ? $found['found'] : null;
    }

    /**
     * Asks for it, unless it is found or under way.
     *
     * @param  class-string<Task>  $task  what looks for it
     */
    public function ask(string $task): void
    {
        if ($this->found() !== null || $this->isRunning()) {
            return;
        }
        Cache::put("$this->key:asked", $this->lies, self::SECONDS);
        if (Cache::add("$this->key:queued", true, self::SECONDS)) {
            RunTask::later($task, $this->kit->id, Queue::Searches);
        }
    }

    /**
     * Asks for it again, since it is found by chance or was stopped before.
     *
     * @param  class-string<Task>  $task
     */
    public function anew(string $task): void
    {
        Cache::forget($this->key);
        Cache::forget("$this->key:stop");
        $this->ask($task);
    }

    /**
     * Searches, if somebody still waits for it.
     *
     * @param  Closure(Closure(int): bool): mixed  $look  gets what is told how much is found; false where it is to stop
     */
    public function run(Closure $look): void
    {
        Cache::forget("$this->key:queued");
        if (Cache::get("$this->key:asked") !== $this->lies || $this->found() !== null) {
            return;
        }
        $this->tell(0);
        try {
            $found = $look($this->progress());
            if ($this->isAsItLies()) {
                $this->remember($found);
            }
        } finally {
            Cache::forget("$this->key:running");
        }
    }

    public function remember(mixed $found): void
    {
        Cache::forever($this->key, ['lies' => $this->lies, 'found' => $found]);
    }

    /** Without its worker it is not under way. */
    public function isRunning(): bool
    {
        $running = $this->running();

        return $running !== null && Worker::isAlive($running['worker']);
    }

    public function isUnderWay(): bool
    {
        return $this->isRunning()
            || ($this->found() === null
                && Cache::get("$this->key:asked") === $this->lies
                && Cache::has("$this->key:queued"));
    }

    /** How many have been found by the search under way. */
    public function soFar(): int
    {
        return $this->running()['done'] ?? 0;
    }

    /** What has been found stays. */
    public function stop(): void
    {
        Cache::put("$this->key:stop", $this->lies, self::SECONDS);
    }

    /** @return Closure(int): bool */
    private function progress(): Closure
    {
        return function (int $done): bool {
            $this->tell($done);

            return Cache::get("$this->key:stop") !== $this->lies && $this->isAsItLies();
        };
    }

    private function tell(int $done): void
    {
        Cache::put("$this->key:running", ['lies' => $this->lies, 'worker' => Worker::me(), 'done' => $done], self::SECONDS);
    }

    private function isAsItLies(): bool
    {
        return self::lying($this->kit) === $this->lies;
    }

    /** @return array{worker: string, done: int}|null of the table as it lies */
    private function running(): ?array
    {
        $running = Cache::get("$this->key:running");

        return is_array($running) && $running['lies'] === $this->lies
            ? ['worker' => (string) $running['worker'], 'done' => (int) $running['done']]
            : null;
    }

    /** The present table with the stash, since acts on the stash change every kit. */
    private static function lying(Kit $kit): string
    {
        return (string) Kit::query()->whereKey($kit->id)->toBase()->value('moves');
    }
}
