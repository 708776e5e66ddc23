<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Refusal;

/** A written arrangement that cannot be read. It holds every fault by its place. */
final class BadArrangement extends Refusal
{
    /** @param  non-empty-array<string, string>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', $faults));
    }

    /** @param  non-empty-array<string, string>  $faults by place, such as spots.0.turn */
    public static function with(array $faults): self
    {
        return new self($faults);
    }
}
