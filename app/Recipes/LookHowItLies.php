<?php

namespace App\Recipes;

use App\Jobs\Task;
use App\Models\Kit;
use Illuminate\Support\Facades\Cache;

/** Computes a recipe on a kit in the background, since large kits take a while. */
final readonly class LookHowItLies implements Task
{
    /** How many seconds a request waits for the worker. */
    private const SECONDS = 600;

    /** For each kit only the newest request counts. */
    public function look(Kit $kit, LayAsk $ask): void
    {
        Cache::put(self::asked($kit->id), $ask, self::SECONDS);
        $search = LayingOut::search($kit);
        if (! $search->isUnderWay()) {
            $search->anew(self::class);
        }
    }

    public function run(int $on): void
    {
        $ask = Cache::get(self::asked($on));
        if ($ask instanceof LayAsk) {
            $kit = Kit::query()->findOrFail($on);
            LayingOut::search($kit)->run(static fn (): array => LayingOut::work($kit, $ask));
        }
    }

    /** The page asks again. */
    public function brokeOff(int $on): void
    {
    }

    private static function asked(int $kit): string
    {
        return "laying:$kit:asked-for";
    }
}
