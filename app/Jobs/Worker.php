<?php

namespace App\Jobs;

/** The process that is at a piece of work, known so that its death is seen at once and not after a silence. */
final class Worker
{
    /** The number of this process and when it began: numbers come again. */
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

    /** In ticks since the machine began, as the kernel tells; empty where it tells nothing of the process. */
    private static function began(int $pid): string
    {
        $stat = @file_get_contents("/proc/$pid/stat");
        if ($stat === false) {
            return '';
        }
        // The name of the program stands in brackets, with whatever signs it has.
        $fields = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));

        return $fields[0] === 'Z' ? '' : $fields[19] ?? '';
    }
}
