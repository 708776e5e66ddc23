<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/** Places a part by what it is measured from. */
interface Rule
{
    /**
     * The measures it takes, each with the side that a share of it is a share of.
     *
     * @param  array<string, string>  $options
     * @return array<string, Along>
     */
    public function measures(array $options): array;

    /**
     * The options it asks for, with their values.
     *
     * @return array<string, list<string>|null> null where it is the id of a part, [] where it is a number
     */
    public function options(): array;

    /** @throws CannotResolve naming the part and the measure */
    public function place(Placing $placing): Rect;
}
