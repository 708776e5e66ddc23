<?php

namespace App\Cut;

use KeepShare\Core\Refusal;

/** A machine that does not answer, or sends nonsense. */
final class NoAnswer extends Refusal
{
    public static function silent(string $tool, int $seconds): self
    {
        return new self("The $tool does not answer within $seconds seconds. Nothing was recorded; is it on?");
    }

    public static function nonsense(string $tool): self
    {
        return new self("The $tool answered with something that cannot be read. Nothing was recorded.");
    }
}
