<?php

namespace App\Photographs;

use KeepShare\Core\Refusal;

/** The maker has asked to stop. */
final class StoppedReading extends Refusal
{
    public static function by(string $says): self
    {
        return new self($says);
    }
}
