<?php

namespace App\Jobs;

/** The process at work, so that its death is noticed at once. */
final class Worker
{
    /** The number of this process and its start time, since numbers are reused. */
    public static function me(): string
    {
        $pid = (int) getmypid();

        return "$pid:".self::began($pid);
    }

    public static function isAlive(string $worker): bool
    {
        [$pid, $began] = [...explode(':', $worker, 2), ''];

        return self::began((int) $pid) === $began && ($began !== '' || posix_kill((int) $pid, 0));
    }

    /** In ticks since the machine started, from the kernel. Empty if the kernel says nothing of the process. */
    private static function began(int $pid): string
    {
        $stat = @file_get_contents("/proc/$pid/stat");
        if ($stat === false) {
            return '';
        }
        // The name of the program is in brackets and may contain any sign.
        $fields = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));

        return $fields[0] === 'Z' ? '' : $fields[19] ?? '';
    }
}
