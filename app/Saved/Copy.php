<?php

namespace App\Saved;

/** One copy in the folder. */
final readonly class Copy
{
    /** @param  string  $at  "2026-11-27 081500" */
    public function __construct(public string $name, public string $at, public CopyKind $kind, public int $bytes)
    {
    }

    /** "2026-11-27 08:15" */
    public function day(): string
    {
        return substr($this->at, 0, 13).':'.substr($this->at, 13, 2);
    }
}
