<?php

namespace App\Table;

use App\Door\DeviceAccess;
use Illuminate\Support\Facades\DB;

/** What tells a page that the table is no longer as it shows it. */
final class TableNow
{
    /** Another text after every act, after one is taken back or done again, and when a share-out is begun. */
    public static function stamp(): string
    {
        $acts = DB::table('acts')->selectRaw('count(*) as n, max(id) as newest, sum(is_undone) as undone')->first();
        $revisions = (int) DB::table('kits')->sum('revision');

        return implode('.', [$acts->n ?? 0, $acts->newest ?? 0, $acts->undone ?? 0, $revisions, (int) DB::table('solves')->max('id')]);
    }

    /** The same while anybody else is let in, for their pages and those of this machine to follow one another; else null. */
    public static function whereShared(): ?string
    {
        return config('app.address') && DeviceAccess::in(config('app.door'))->guests() > 0 ? self::stamp() : null;
    }
}
