<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/** Places a part by what it is measured from. */
interface Rule
{
    /**
     * Its measures. Each says which side a share is a share of.
     *
     * @param  array<string, string>  $options
     * @return array<string, Along>
     */
    public function measures(array $options): array;

    /**
     * Its options with their values.
     *
     * @return array<string, list<string>|null> null where it is the id of a part, [] where it is a number
     */
    public function options(): array;

    /** @throws CannotResolve naming the part and the measure */
    public function place(Placing $placing): Rect;
}
