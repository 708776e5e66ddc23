<?php

namespace App\Safe;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Schema;
use Throwable;

/**
 * Automatic copies of the whole table: one a day, and one before the application changes its records or everything is
 * replaced. The newest seven stay, and so do the samples that were put aside.
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
        return ($this->newestDaily() ?? '') < CarbonImmutable::today()->format('Y-m-d') && self::hasTable();
    }

    /** @throws Throwable where it cannot be written: then nothing is there */
    public function keep(CopyKind $kind, ?Progress $progress = null): string
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0700, true);
        }
        $name = 'keep-share-'.CarbonImmutable::now()->format('Y-m-d-His')."-$kind->value.zip";
        SaveTable::to("$this->folder/$name", $progress);
        // The samples stay, however many copies follow.
        $ofItsOwn = array_filter($this->all(), static fn (Copy $copy): bool => $copy->kind !== CopyKind::Samples);
        foreach (array_slice($ofItsOwn, self::KEEPS) as $copy) {
            @unlink("$this->folder/$copy->name");
        }

        return $name;
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

    private function newestDaily(): ?string
    {
        foreach ($this->all() as $copy) {
            if ($copy->kind === CopyKind::Daily) {
                return substr($copy->at, 0, 10);
            }
        }

        return null;
    }

    /** Whether there are records already, from any version of the application. */
    public static function hasTable(): bool
    {
        return Schema::hasTable('kits') && Schema::getConnection()->table('kits')->exists();
    }
}
