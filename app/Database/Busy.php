<?php

namespace App\Database;

use PDOException;
use Throwable;

/** Another write took longer than could be waited for. */
final class Busy
{
    public const SAYS = 'The table was busy: another act was being written for too long. Nothing was changed. Do it again.';

    /** The SQLite error code if another connection holds the write lock. */
    private const CODE = 5;

    public static function is(Throwable $exception): bool
    {
        return $exception instanceof PDOException && ($exception->errorInfo[1] ?? null) === self::CODE;
    }
}
