<?php

namespace App\Safe;

use App\Database\Trouble;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDOException;
use RuntimeException;

/** A new database in the place of one that is damaged. The damaged one is put aside whole. */
final readonly class Replacement
{
    /** What belongs to a database beside its file. */
    private const BESIDE = ['-wal', '-shm'];

    private function __construct(private string $path)
    {
    }

    public static function ofTheTable(): self
    {
        return new self((string) config('database.connections.sqlite.database'));
    }

    /** Whether the database that is there cannot be read to its end. */
    public function isNeeded(): bool
    {
        if (! is_file($this->path) || filesize($this->path) === 0) {
            return false;
        }
        try {
            return ! $this->isWhole();
        } catch (PDOException $wrong) {
            return Trouble::of($wrong) === Trouble::Damaged ? true : throw $wrong;
        }
    }

    /** @throws PDOException where it is no database any more */
    private function isWhole(): bool
    {
        $checked = DB::connection()->getPdo()->query('PRAGMA quick_check(1)');

        return $checked !== false && $checked->fetchColumn() === 'ok';
    }

    /**
     * @param  Closure(): void  $fill  fills the new one, which is empty
     * @return string where the damaged one lies
     *
     * @throws RuntimeException where nothing was changed
     */
    public function filled(Closure $fill): string
    {
        $new = "$this->path.new";
        $this->drop($new);
        touch($new);
        try {
            $this->use($new);
            Artisan::call('migrate', ['--force' => true]);
            $fill();
            // All of it in the one file, which is then moved.
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
            DB::disconnect();

            return $this->moved($new);
        } finally {
            $this->use($this->path);
            $this->drop($new);
        }
    }

    private function use(string $path): void
    {
        config(['database.connections.sqlite.database' => $path]);
        DB::purge();
    }

    /** Ended at any moment, one of the two is at its place. */
    private function moved(string $new): string
    {
        $aside = dirname($this->path).'/damaged-'.CarbonImmutable::now()->format('Y-m-d-His').'.sqlite';
        foreach (self::BESIDE as $end) {
            if (is_file($this->path.$end)) {
                rename($this->path.$end, $aside.$end);
            }
        }
        if (! link($this->path, $aside) || ! rename($new, $this->path)) {
            throw new RuntimeException("The damaged table $this->path could not be put aside.");
        }

        return $aside;
    }

    private function drop(string $path): void
    {
        foreach (['', ...self::BESIDE] as $end) {
            @unlink($path.$end);
        }
    }
}
