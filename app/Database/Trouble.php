<?php

namespace App\Database;

use PDOException;
use Throwable;

/** Why the database cannot be read or written for the moment, or at all, and what to do. */
enum Trouble
{
    case Busy;
    case Full;
    case ReadOnly;
    case OutOfReach;
    case Damaged;

    /** Null if the fault is another. */
    public static function of(Throwable $thrown): ?self
    {
        // The codes of SQLite: https://sqlite.org/rescode.html.
        return ! $thrown instanceof PDOException ? null : match ($thrown->errorInfo[1] ?? null) {
            5, 6 => self::Busy,
            8 => self::ReadOnly,
            10, 14 => self::OutOfReach,
            11, 26 => self::Damaged,
            13 => self::Full,
            default => null,
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Busy => 'The table was busy: another act was being written for too long. Nothing was changed. Do it again.',
            self::Full => 'The disk is full. Nothing was changed. Make room on it, then do it again.',
            self::ReadOnly => 'The folder of the table cannot be written. Nothing was changed. '
                .'Allow Keep Share to write there, then do it again.',
            self::OutOfReach => 'The file of the table cannot be reached. Nothing was changed. '
                .'See that its disk is there and has room, then do it again.',
            self::Damaged => 'The file of the table is damaged. Nothing was changed. '
                .'Stop Keep Share and start it again: it names the copies that can take its place.',
        };
    }
}
