<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Refusal;

/** A written sketch with faults. It holds each fault with its place. */
final class BadSketch extends Refusal
{
    /** @param  non-empty-array<string, string>  $faults  by place, such as parts.2.measures.reveal */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', array_values($faults)));
    }

    /** @param  non-empty-array<string, string>  $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }
}
