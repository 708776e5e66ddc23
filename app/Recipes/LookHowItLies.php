<?php

namespace App\Recipes;

use App\Jobs\Task;
use App\Models\Kit;
use Illuminate\Support\Facades\Cache;

/** How a recipe would lie on a kit, worked out in the background: on a large kit that takes a while. */
final readonly class LookHowItLies implements Task
{
    /** How long an asking waits for the worker, in seconds. */
    private const SECONDS = 600;

    /** Of a kit the newest is looked for. */
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
