<?php

namespace App\Acts;

/** A way out that was possible when the page was made, and no longer is. */
final class OptionExpired extends CannotAct
{
    public static function since(): self
    {
        return new self('That way out is no longer possible: the table has changed. The ways out that are left are shown.');
    }

    /** For a scrap that was cut, used or changed meanwhile. */
    public static function scrap(): self
    {
        return new self('That scrap has changed. What it can become now is shown.');
    }
}
