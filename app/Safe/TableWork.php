<?php

namespace App\Safe;

use App\Database\Trouble;
use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Jobs\Task;
use App\Jobs\Worker;
use Illuminate\Support\Facades\Cache;
use PDOException;
use RuntimeException;

/**
 * Saving or opening the table in the background, one at a time.
 *
 * @phpstan-type WorkState array{
 *     what: string, // save, open, instead or own
 *     path: string,
 *     name: string,
 *     state: string, // waiting, running, done, stopped or failed
 *     done: int,
 *     of: int,
 *     says: string,
 *     worker: string|null,
 * }
 */
final class TableWork implements Task
{
    private const KEY = 'table:work';

    private const STOP = 'table:stop';

    /** Writing the progress after every few records would take longer than the records. */
    private const TELL_EACH = 0.2;

    private float $told = 0;

    /** @throws BadTable where another is under way */
    public static function save(): void
    {
        $folder = storage_path('app/saved');
        @mkdir($folder, 0700, true);
        array_map(unlink(...), glob("$folder/*.zip") ?: []);
        $name = 'keep-share-'.now()->format('Y-m-d-Hi').'.zip';
        self::begin('save', "$folder/$name", $name);
    }

    /** @throws BadTable where another is under way */
    public static function open(string $path, string $name): void
    {
        self::begin('open', $path, $name);
    }

    /** @throws BadTable where another is under way */
    public static function instead(string $path, string $name): void
    {
        self::begin('instead', $path, $name);
    }

    /** @throws BadTable where another is under way, or the samples could not be kept aside */
    public static function startOwn(): void
    {
        if (Copies::kept() === null) {
            throw BadTable::because('No copies are kept, so the samples would be lost. Save the table first, then open an empty one.');
        }
        self::begin('own', '', 'samples');
    }

    /** @return WorkState|null */
    public static function last(): ?array
    {
        /** @var WorkState|null $work */
        $work = Cache::get(self::KEY);
        if ($work !== null && $work['state'] === 'running' && ! Worker::isAlive($work['worker'] ?? '')) {
            return [...$work, 'state' => 'failed', 'says' => 'The worker stopped unexpectedly. Nothing was changed. Start it again.'];
        }

        return $work;
    }

    public static function isUnderWay(): bool
    {
        return in_array(self::last()['state'] ?? '', ['waiting', 'running'], true);
    }

    public static function stop(): void
    {
        Cache::put(self::STOP, true, 600);
    }

    public function run(int $on): void
    {
        $work = self::last();
        if ($work === null || $work['state'] !== 'waiting') {
            return;
        }
        self::tell([...$work, 'state' => 'running', 'worker' => Worker::me()]);
        try {
            $says = $this->do($work);
            self::tell([...$work, 'state' => 'done', 'says' => $says]);
        } catch (Stopped) {
            self::tell([...$work, 'state' => 'stopped', 'says' => 'Stopped. Nothing was written.']);
        } catch (PDOException $wrong) {
            self::tell([...$work, 'state' => 'failed', 'says' => Trouble::of($wrong)?->says() ?? throw $wrong]);
        } catch (RuntimeException $wrong) {
            self::tell([...$work, 'state' => 'failed', 'says' => $wrong->getMessage()]);
        } finally {
            self::clearUp($work);
        }
    }

    public function brokeOff(int $on): void
    {
        $work = self::last();
        if ($work !== null && in_array($work['state'], ['waiting', 'running'], true)) {
            self::tell([...$work, 'state' => 'failed', 'says' => 'It stopped before it was finished. Nothing was changed.']);
        }
    }

    /** @param  WorkState  $work */
    private function do(array $work): string
    {
        $progress = Progress::told(fn (int $done, int $of): bool => $this->goesOn($work, $done, $of));
        if ($work['what'] === 'save') {
            return 'Saved: '.self::counted(SaveTable::to($work['path'], $progress)).'.';
        }
        if ($work['what'] === 'open') {
            return 'Opened beside what was here: '.self::counted(app(OpenTable::class)->beside($work['path'], $progress)).'.';
        }
        if ($work['what'] === 'own') {
            Copies::kept()?->keep(CopyKind::Samples, $progress);
            app(OpenTable::class)->clear();

            return 'The table is empty and yours. The samples are among the copies below.';
        }
        Copies::kept()?->keep(CopyKind::BeforeOpening, inUse: $work['path']);

        return 'The table is as it was saved: '.self::counted(app(OpenTable::class)->instead($work['path'], $progress)).'.';
    }

    private static function counted(Manifest $manifest): string
    {
        $kits = $manifest->records['kits'] ?? 0;

        return "$kits kits, {$manifest->records['cards']} cards, {$manifest->all()} records in all";
    }

    /** @param  WorkState  $work */
    private function goesOn(array $work, int $done, int $of): bool
    {
        if (microtime(true) - $this->told < self::TELL_EACH) {
            return true;
        }
        $this->told = microtime(true);
        self::tell([...$work, 'state' => 'running', 'worker' => Worker::me(), 'done' => $done, 'of' => $of]);

        return ! Cache::has(self::STOP);
    }

    private static function begin(string $what, string $path, string $name): void
    {
        if (self::isUnderWay()) {
            throw BadTable::because('The table is already being saved or opened. Wait, or stop it.');
        }
        Cache::forget(self::STOP);
        self::tell([
            'what' => $what,
            'path' => $path,
            'name' => $name,
            'state' => 'waiting',
            'done' => 0,
            'of' => 0,
            'says' => '',
            'worker' => null,
        ]);
        RunTask::later(self::class, 0, Queue::ShareOuts);
    }

    /** @param  WorkState  $work */
    private static function tell(array $work): void
    {
        Cache::forever(self::KEY, $work);
    }

    /** @param  WorkState  $work what was brought in to be opened is not kept */
    private static function clearUp(array $work): void
    {
        if (str_starts_with($work['path'], storage_path('app/opening'))) {
            @unlink($work['path']);
        }
    }
}
