<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Refusal;

/** A stored cut plan that cannot be read back. */
final class BadPlan extends Refusal
{
    public static function unreadable(string $reason): self
    {
        return new self('This cut plan cannot be read: '.$reason.'.');
    }
}
