<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut\File;

use KeepShare\Core\Refusal;

/** A cut order that is refused as a whole. $faults names each place and what is wrong there. */
final class BadCutOrder extends Refusal
{
    /** @param  non-empty-list<string>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", $faults));
    }

    /** @param  non-empty-list<string>  $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }
}
