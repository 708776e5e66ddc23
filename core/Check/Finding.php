<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

/** Something a practised eye would stop at: what, why it matters, and what to do about it. */
final readonly class Finding
{
    private function __construct(public string $check, public string $says, public string $repair, public bool $isHint)
    {
    }

    /**
     * @param  string  $check  the key of the check that found it
     * @param  string  $says  what is wrong and why
     * @param  string  $repair  what can be done
     */
    public static function of(string $check, string $says, string $repair): self
    {
        return new self($check, $says, $repair, false);
    }

    /** A matter of taste rather than a mistake. */
    public static function hint(string $check, string $says, string $repair): self
    {
        return new self($check, $says, $repair, true);
    }
}
