<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

/** Something on a card that should be looked at: what it is, why it matters, and what to do about it. */
final readonly class Finding
{
    /** @param  list<Repair>  $repairs */
    private function __construct(
        public string $check,
        public string $says,
        public string $repair,
        public bool $isHint,
        public array $repairs,
    ) {
    }

    /**
     * @param  string  $check  the key of the check that found it
     * @param  string  $says  what is wrong and why
     * @param  string  $repair  what can be done
     * @param  Repair  ...$repairs  those of them that can be done at once
     */
    public static function of(string $check, string $says, string $repair, Repair ...$repairs): self
    {
        return new self($check, $says, $repair, false, array_values($repairs));
    }

    /** Whether it is a matter of taste and not a mistake. */
    public static function hint(string $check, string $says, string $repair, Repair ...$repairs): self
    {
        return new self($check, $says, $repair, true, array_values($repairs));
    }
}
