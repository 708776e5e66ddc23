<?php

namespace Tools\Words;

/** A text that a person can be shown. Values that are filled in later are written as {}. */
final readonly class Text
{
    /** @param  string  $from  the file that has it, from the root of the project */
    public function __construct(public string $says, public string $from, public int $line, public bool $isButton = false)
    {
    }

    /** @return list<string> its sentences; a colon and a semicolon end one too, as they do when it is read aloud */
    public function sentences(): array
    {
        return preg_split('/(?<=[.!?:;…])\s+|\s*\n\s*/u', trim($this->says), flags: PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
