<?php

namespace App\Safe;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Schema;
use Throwable;

/**
 * Automatic copies of the whole table: one a day, and one before the application changes its records or everything is
 * replaced. The newest seven of the days stay, the newest seven of the others, and the samples that were put aside.
 *
 * None is taken away before the one that takes its place is on disk and was read again from end to end.
 */
final readonly class Copies
{
    private const KEEPS = 7;

    private const NAME = '/^keep-share-(\d{4}-\d\d-\d\d)-(\d{6})-(daily|before-update|before-opening|by-hand|samples)\.zip$/D';

    private function __construct(public string $folder)
    {
    }

    /** Null if no copies are to be saved. */
    public static function kept(): ?self
    {
        $folder = config('copies.folder');

        return is_string($folder) && $folder !== '' ? new self($folder) : null;
    }

    /** Whether there is no copy of today yet, and there is something to save. */
    public function isDue(): bool
    {
        $today = CarbonImmutable::today()->format('Y-m-d');
        foreach ($this->all() as $copy) {
            if ($copy->kind === CopyKind::Daily && str_starts_with($copy->at, $today)) {
                return false;
            }
        }

        return self::hasTable();
    }

    /**
     * @param  string|null  $inUse  the path of a file that is about to be opened, and stays
     *
     * @throws Throwable where it cannot be written: then nothing is there, and nothing is taken away
     */
    public function keep(CopyKind $kind, ?Progress $progress = null, ?string $inUse = null): string
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0700, true);
        }
        $name = 'keep-share-'.CarbonImmutable::now()->format('Y-m-d-His')."-$kind->value.zip";
        SaveTable::to("$this->folder/$name", $progress);
        foreach ($this->tooMany($kind, $name) as $copy) {
            if (realpath("$this->folder/$copy->name") !== realpath($inUse ?? '')) {
                @unlink("$this->folder/$copy->name");
            }
        }

        return $name;
    }

    /** @return list<Copy> those that the new one takes the place of */
    private function tooMany(CopyKind $kind, string $new): array
    {
        $others = array_filter(
            $this->all(),
            static fn (Copy $copy): bool => $copy->name !== $new && $copy->kind->isCountedWith($kind),
        );
        // One that is dated after now was made while the clock was wrong, and so before now.
        $now = CarbonImmutable::now()->format('Y-m-d His');
        usort($others, static fn (Copy $a, Copy $b): int => [$a->at > $now, $b->at] <=> [$b->at > $now, $a->at]);

        return array_slice($others, self::KEEPS - 1);
    }

    /** @return list<Copy> the newest first */
    public function all(): array
    {
        $copies = [];
        foreach (is_dir($this->folder) ? scandir($this->folder, SCANDIR_SORT_DESCENDING) ?: [] : [] as $name) {
            if (preg_match(self::NAME, $name, $found) === 1) {
                $copies[] = new Copy($name, "$found[1] $found[2]", CopyKind::from($found[3]), (int) filesize("$this->folder/$name"));
            }
        }

        return $copies;
    }

    public function path(string $name): ?string
    {
        return in_array($name, array_column($this->all(), 'name'), true) ? "$this->folder/$name" : null;
    }

    /** Whether there are records already, from any version of the application. */
    public static function hasTable(): bool
    {
        return Schema::hasTable('kits') && Schema::getConnection()->table('kits')->exists();
    }
}
