<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;

/** How a part is measured from the parts under it. */
interface Relation
{
    /** The id of the part it is measured from. */
    public function of(): string;

    /**
     * The place of the part, given that of the one it is measured from.
     *
     * @param  string  $part  the name of the part, for the message
     *
     * @throws CannotResolve
     */
    public function place(Rect $of, Unit $unit, string $part): Rect;
}
