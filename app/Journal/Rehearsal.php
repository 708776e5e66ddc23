<?php

namespace App\Journal;

use Closure;
use Illuminate\Support\Facades\DB;

/** An act done and taken back at once, to see what would come of it. */
final class Rehearsal
{
    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    public static function of(Subject $on, Closure $do): mixed
    {
        DB::beginTransaction();
        try {
            return $do();
        } finally {
            DB::rollBack();
            $on->reread();
        }
    }
}
