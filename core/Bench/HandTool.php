<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

use KeepShare\Core\Kit\Component;

/** The tool that is out on the table for a step. Taking up another tool is a set-up. */
final readonly class HandTool
{
    /** Seconds to put one tool away and lay the next one ready. */
    public const SET_UP = 60;

    private const TABLE = 'clear table';

    /** For blades, and for wet ink. */
    public const CUTTING_MAT = 'cutting mat';

    public const CRAFT_MAT = 'craft mat';

    public const MACHINE = 'plates of the machine';

    /** The key for work with the hands alone. */
    public const HANDS = 'hands';

    private function __construct(public string $key, public string $name, public string $surface)
    {
    }

    /**
     * @param  string  $key  known to all steps done with it
     * @param  string  $name  as it is said: "glue", "Die: circle"
     * @param  string  $surface  what it is used on
     */
    public static function of(string $key, string $name, string $surface = self::TABLE): self
    {
        return new self($key, $name, $surface);
    }

    /** A tool of the kit: a die, a folder, a stamp. */
    public static function owned(Component $tool, string $surface): self
    {
        return self::of("tool $tool->id", $tool->name, $surface);
    }

    public static function foam(): self
    {
        return self::of('foam', 'foam squares');
    }

    public static function scissors(): self
    {
        return self::of('scissors', 'scissors');
    }

    public static function glue(): self
    {
        return self::of('glue', 'glue or tape');
    }
}
