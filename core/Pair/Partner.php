<?php

declare(strict_types=1);

namespace KeepShare\Core\Pair;

use KeepShare\Core\Kit\Surface;

/** A face laid beside the chosen one, and how well it goes. */
final readonly class Partner
{
    private function __construct(public Surface $surface, public Fit $fit)
    {
    }

    public static function of(Surface $surface, Fit $fit): self
    {
        return new self($surface, $fit);
    }
}
