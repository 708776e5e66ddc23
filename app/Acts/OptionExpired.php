<?php

namespace App\Acts;

/** A way out that was there when the page was made, and is not any more. */
final class OptionExpired extends CannotAct
{
    public static function since(): self
    {
        return new self('That way out is no longer there: the table has changed. The ways out that are left are shown.');
    }

    /** Of a scrap that was cut, used or turned into something else meanwhile. */
    public static function scrap(): self
    {
        return new self('That scrap is no longer there as it was. What it can become now is shown.');
    }
}
