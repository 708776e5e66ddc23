<?php

namespace App\Photographs;

use RuntimeException;

/** What of the pieces of a photograph cannot be kept, by the field it is said in. */
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
