<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/** A part of a sheet. It is cut in two, or left as it is. */
interface Node
{
    public function rect(): Rect;

    /** @return list<string> the ids of the pieces in it */
    public function pieces(): array;

    /** @return array<string, mixed> whole units; read back by SheetPlan::fromArray() */
    public function toArray(): array;
}
