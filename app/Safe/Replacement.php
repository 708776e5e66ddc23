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

    /** Where the damaged one is put. */
    public string $aside;

    private function __construct(private string $path)
    {
        $this->aside = dirname($path).'/damaged-'.CarbonImmutable::now()->format('Y-m-d-His').'.sqlite';
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
     * @template T
     *
     * @param  Closure(): T  $fill  fills the new one, which is empty
     * @return T
     *
     * @throws RuntimeException where nothing was changed
     */
    public function by(Closure $fill): mixed
    {
        $new = "$this->path.new";
        $this->drop($new);
        touch($new);
        try {
            $this->use($new);
            Artisan::call('migrate', ['--force' => true]);
            $filled = $fill();
            // All of it in the one file, which is then moved.
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
            DB::disconnect();

            $this->move($new);

            return $filled;
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
    private function move(string $new): void
    {
        foreach (self::BESIDE as $end) {
            if (is_file($this->path.$end)) {
                rename($this->path.$end, $this->aside.$end);
            }
        }
        if (! link($this->path, $this->aside) || ! rename($new, $this->path)) {
            throw new RuntimeException("The damaged table $this->path could not be put aside.");
        }
    }

    private function drop(string $path): void
    {
        foreach (['', ...self::BESIDE] as $end) {
            @unlink($path.$end);
        }
    }
}
