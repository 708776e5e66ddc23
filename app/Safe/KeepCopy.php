<?php

namespace App\Safe;

use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Jobs\Task;
use Illuminate\Support\Facades\Cache;
use RuntimeException;

/** Saves the copy of the day, in the background, after the first page of the day was shown. */
final class KeepCopy implements Task
{
    /** Why the last copy could not be saved. */
    private const FAULT = 'copies:fault';

    private const ASKED = 'copies:asked';

    /** Seconds before it is checked again whether one is due. */
    private const LOOKED = 300;

    public static function whereDue(): void
    {
        $copies = Copies::kept();
        if ($copies !== null && Cache::add(self::ASKED, true, self::LOOKED) && $copies->isDue()) {
            RunTask::later(self::class, 0, Queue::Searches);
        }
    }

    public static function fault(): ?string
    {
        $fault = Cache::get(self::FAULT);

        return is_string($fault) ? $fault : null;
    }

    public function run(int $on): void
    {
        try {
            $copies = Copies::kept();
            if ($copies?->isDue()) {
                $copies->keep(CopyKind::Daily);
                Cache::forget(self::FAULT);
            }
        } catch (RuntimeException $wrong) {
            Cache::forever(self::FAULT, $wrong->getMessage());
        }
    }

    public function brokeOff(int $on): void
    {
        Cache::forever(self::FAULT, 'The worker stopped before the copy was finished.');
    }

    /** Before an update changes the records. If the copy cannot be saved, the records are not changed. */
    public static function beforeUpdate(): void
    {
        if (Copies::hasTable()) {
            Copies::kept()?->keep(CopyKind::BeforeUpdate);
        }
    }
}
