<?php

declare(strict_types=1);

namespace KeepShare\Core\Pair;

use KeepShare\Core\Kit\Surface;

/** A face beside the chosen one, and how well it matches. */
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
