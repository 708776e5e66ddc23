<?php

namespace App\Database;

use PDOException;
use Throwable;

/** Another was writing for as long as could be waited. */
final class Busy
{
    public const SAYS = 'The table was busy: another act was being written for too long. Nothing was changed; do it again.';

    /** The error code of SQLite where another connection holds the write lock. */
    private const CODE = 5;

    public static function is(Throwable $exception): bool
    {
        return $exception instanceof PDOException && ($exception->errorInfo[1] ?? null) === self::CODE;
    }
}
