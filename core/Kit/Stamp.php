<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/** A stamp: an endless supply of one sentiment, or of one picture where it has no words. $size is that of the print. */
final readonly class Stamp implements Good
{
    private function __construct(public Size $size, public ?Words $words)
    {
    }

    public static function of(Size $size, ?Words $words = null): self
    {
        return new self($size, $words);
    }

    public function kind(): Kind
    {
        return Kind::Stamp;
    }
}
