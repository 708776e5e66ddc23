<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

use KeepShare\Core\Card\Taking;

/** One way to mend a card after a step went wrong, from what is really there. */
final readonly class Mend
{
    /** @param  Taking|null  $takes  what the card takes then: in place of what it had, or beside it */
    private function __construct(public string $says, public ?Taking $takes)
    {
    }

    public static function of(string $says, ?Taking $takes = null): self
    {
        return new self($says, $takes);
    }
}
