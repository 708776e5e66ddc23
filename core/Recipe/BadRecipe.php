<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Refusal;

/** A recipe that cannot be made as asked for, or read as written. It holds each fault by its field or place. */
final class BadRecipe extends Refusal
{
    /** @param  non-empty-array<string, string>  $faults */
    private function __construct(public readonly array $faults)
    {
        $told = array_map(
            static fn (string $place, string $fault): string => $place === '' ? $fault : "$place: $fault",
            array_keys($faults),
            $faults,
        );
        parent::__construct(implode("\n", $told));
    }

    /** @param  non-empty-array<string, string>  $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public static function at(string $place, string $fault): self
    {
        return new self([$place => $fault]);
    }
}
