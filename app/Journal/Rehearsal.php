<?php

namespace App\Journal;

use Closure;
use Illuminate\Support\Facades\DB;

/** An act that is done and undone at once, to see what it would lead to. */
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
