<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** Where in a line its kind is named. */
final readonly class KindFound
{
    /** @param  int  $from  the first of its tokens */
    public function __construct(public KindPhrase $phrase, public int $from, public int $many, public bool $isPlural, public string $said)
    {
    }

    public function end(): int
    {
        return $this->from + $this->many;
    }
}
