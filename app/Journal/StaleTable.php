<?php

namespace App\Journal;

use RuntimeException;

/** The page that asked for an act was made before another act. */
final class StaleTable extends RuntimeException
{
    public static function since(Subject $on): self
    {
        $last = Act::query()->where('kit_id', $on->subject())->latest('id')->first();
        $what = $last === null ? '' : sprintf(' (the last act: "%s"%s)', $last->name, $last->is_undone ? ', undone' : '');

        return new self(
            "The table has changed since this page was opened$what. Nothing was done. "
                .'This is how it is now. Do it again if you still want it.',
        );
    }
}
