<?php

namespace App\Safe;

/** One copy in the folder. */
final readonly class Copy
{
    /** @param  string  $at  "2026-11-27 081500" */
    public function __construct(public string $name, public string $at, public CopyKind $kind, public int $bytes)
    {
    }

    /** "2026-11-27T08:15:00Z" */
    public function moment(): string
    {
        return preg_replace('/^(\S+) (\d\d)(\d\d)(\d\d)$/', '$1T$2:$3:$4Z', $this->at) ?? $this->at;
    }
}
