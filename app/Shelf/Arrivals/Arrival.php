<?php

namespace App\Shelf\Arrivals;

/** A kind of thing that can be brought to the shelf. A new kind is a class and a line in Arrivals. */
interface Arrival
{
    /** What would be done with it. Null if it is of another kind. */
    public function offer(Brought $it): ?Offer;
}
