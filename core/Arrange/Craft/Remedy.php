<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

/** What can be done to one piece so that a rule is kept again. */
final readonly class Remedy
{
    /** @param  string  $does  one of the acts on a piece: drop, forward, back, upright, flat, tuck, home */
    private function __construct(public string $says, public string $does, public string $part, public int $by)
    {
    }

    public static function drop(string $says, string $part): self
    {
        return new self($says, 'drop', $part, 0);
    }

    public static function forward(string $says, string $part): self
    {
        return new self($says, 'forward', $part, 0);
    }

    public static function back(string $says, string $part): self
    {
        return new self($says, 'back', $part, 0);
    }

    public static function upright(string $says, string $part): self
    {
        return new self($says, 'upright', $part, 0);
    }

    public static function flat(string $says, string $part): self
    {
        return new self($says, 'flat', $part, 0);
    }

    /** @param  int  $by  marks of the ruler; below nothing it is drawn out */
    public static function tuck(string $says, string $part, int $by): self
    {
        return new self($says, 'tuck', $part, $by);
    }

    /** Puts the piece back where the arrangement has it. */
    public static function home(string $says, string $part): self
    {
        return new self($says, 'home', $part, 0);
    }
}
