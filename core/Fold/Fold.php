<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Size;

/** A way of building a card. */
interface Fold
{
    /** @throws CannotFold when the front is too small for it */
    public function construct(Size $front, Cutting $cutting): Construction;
}
