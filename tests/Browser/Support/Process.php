<?php

namespace Tests\Browser\Support;

use RuntimeException;

/** A program in a process group of its own, so that its children end with it. */
final class Process
{
    /** @var resource */
    private $handle;

    private readonly int $pid;

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $env
     */
    public function __construct(array $command, string $directory, array $env, string $log)
    {
        $handle = proc_open(
            ['setsid', ...$command],
            [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']],
            $pipes,
            $directory,
            $env + getenv(),
        );
        if ($handle === false) {
            throw new RuntimeException("Cannot start $command[0].");
        }
        $this->handle = $handle;
        $this->pid = proc_get_status($handle)['pid'];
    }

    public function stop(): void
    {
        if (! is_resource($this->handle)) {
            return;
        }
        posix_kill(-$this->pid, SIGTERM);
        $ends = microtime(true) + 3;
        while (proc_get_status($this->handle)['running'] && microtime(true) < $ends) {
            usleep(20_000);
        }
        posix_kill(-$this->pid, SIGKILL);
        proc_close($this->handle);
    }
}
