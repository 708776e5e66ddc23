<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** What is out on the table for a step. Taking up another is a set-up. */
final readonly class HandTool
{
    /** To put one away and lay the next ready, in seconds. */
    public const SET_UP = 60;

    private function __construct(public string $key, public string $name)
    {
    }

    /**
     * @param  string  $key  known to all steps done with it
     * @param  string  $name  as it is said: "glue", "Die: circle"
     */
    public static function of(string $key, string $name): self
    {
        return new self($key, $name);
    }

    public static function glue(): self
    {
        return self::of('glue', 'glue or tape');
    }
}
