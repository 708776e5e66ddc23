<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Taking;
use KeepShare\Core\Measure\Length;

/** One way to do without what runs short. */
final readonly class WayOut
{
    private function __construct(public string $kind, public string $says, public ?Taking $taking, public ?Length $reveal)
    {
    }

    /** Another thing in its place. */
    public static function instead(string $kind, string $says, Taking $taking): self
    {
        return new self($kind, $says, $taking, null);
    }

    /** Less of the same paper: its reveal grows. */
    public static function smaller(string $says, Length $reveal): self
    {
        return new self('smaller panel', $says, null, $reveal);
    }

    /** Nothing in its place, or no card at all. */
    public static function without(string $kind, string $says): self
    {
        return new self($kind, $says, null, null);
    }
}
