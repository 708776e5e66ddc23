<?php

namespace App\Database;

use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;

/** Each migration, and the note that it was made, in one transaction. Ended at any moment, the next start goes on. */
final class WholeMigrations extends Migrator
{
    /** @return array<string, string> their files by name, the oldest first */
    public function known(): array
    {
        return $this->getMigrationFiles(database_path('migrations'));
    }

    /** Makes this one alone, on the connection that is used at the moment. */
    public function step(string $file): void
    {
        $this->usingConnection(DB::getDefaultConnection(), function () use ($file): void {
            if (! $this->repositoryExists()) {
                $this->repository->createRepository();
            }
            $this->requireFiles([$file]);
            $this->runUp($file, 1, false);
        });
    }

    protected function runUp($file, $batch, $pretend): void
    {
        if ($pretend) {
            parent::runUp($file, $batch, $pretend);

            return;
        }
        $connection = DB::connection($this->connection);
        // SQLite changes a column by copying its table. This setting cannot change within a transaction.
        $connection->statement('PRAGMA foreign_keys = OFF');
        try {
            $connection->transaction(fn () => parent::runUp($file, $batch, $pretend));
        } finally {
            $connection->statement('PRAGMA foreign_keys = ON');
        }
    }
}
