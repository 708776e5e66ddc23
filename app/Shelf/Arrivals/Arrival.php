<?php

namespace App\Shelf\Arrivals;

/** A sort of thing that can be brought to the shelf. A new sort is a class and a line in Arrivals. */
interface Arrival
{
    /** What would be done with it; null where it is of another sort. */
    public function offer(Brought $it): ?Offer;
}
