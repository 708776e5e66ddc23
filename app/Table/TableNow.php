<?php

namespace App\Table;

use App\Door\DeviceAccess;
use Illuminate\Support\Facades\DB;

/** Tells a page that it no longer shows the table as it is. */
final class TableNow
{
    /** A text that changes with every act, undo and redo, and when a share-out begins. */
    public static function stamp(): string
    {
        $acts = DB::table('acts')->selectRaw('count(*) as n, max(id) as newest, sum(is_undone) as undone')->first();
        $revisions = (int) DB::table('kits')->sum('revision');

        return implode('.', [$acts->n ?? 0, $acts->newest ?? 0, $acts->undone ?? 0, $revisions, (int) DB::table('solves')->max('id')]);
    }

    /** The same while other devices are let in, so that all pages follow each other. Otherwise null. */
    public static function whereShared(): ?string
    {
        return config('app.address') && DeviceAccess::in(config('app.door'))->guests() > 0 ? self::stamp() : null;
    }
}
