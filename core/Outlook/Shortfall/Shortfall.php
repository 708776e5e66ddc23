<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook\Shortfall;

/** A wish that a share-out does not meet, and why. */
final readonly class Shortfall
{
    private function __construct(public string $wish, public string $says)
    {
    }

    /**
     * @param  string  $wish  such as "occasion birthday", "fold gatefold", "sets"
     * @param  string  $says  what is there in place of what was asked for
     * @param  string  $why  a sentence
     */
    public static function of(string $wish, string $says, string $why): self
    {
        return new self($wish, "$says $why");
    }
}
