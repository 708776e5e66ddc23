<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/** A good that comes in flat sheets and is cut into pieces. */
interface SheetGood extends Good
{
    public function size(): Size;

    /** @return non-empty-list<Face> the faces a piece can show, each different from the others */
    public function faces(): array;
}
