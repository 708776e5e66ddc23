<?php

namespace App\Photographs;

use RuntimeException;

/** Pieces of a photograph that cannot be saved, by the field with the fault. */
final class BadPieces extends RuntimeException
{
    /** @param  non-empty-array<string, string>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct((string) reset($faults));
    }

    /** @param  non-empty-array<string, string>  $faults */
    public static function of(array $faults): self
    {
        return new self($faults);
    }
}
