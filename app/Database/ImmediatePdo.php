<?php

namespace App\Database;

use PDO;
use PDOException;

/**
 * A connection whose transactions take the write lock at their beginning, and wait for it there.
 *
 * A transaction that reads first and writes later cannot wait: SQLite ends it with "database is locked" as soon as
 * another has written in between. PHP before 8.4 has no setting for the beginning of a transaction, so it is begun by
 * hand.
 */
final class ImmediatePdo extends PDO
{
    private bool $isBegun = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->isBegun = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isBegun = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isBegun = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $failed) {
            // On a full disk SQLite has rolled back by itself. Why it did is what is to be told.
            if (! str_contains($failed->getMessage(), 'no transaction is active')) {
                throw $failed;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isBegun;
    }
}
