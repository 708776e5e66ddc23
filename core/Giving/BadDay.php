<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Refusal;

/** A day that is in no calendar. */
final class BadDay extends Refusal
{
    public static function isNone(int $month, int $day): self
    {
        return new self("There is no day $day in month $month.");
    }
}
