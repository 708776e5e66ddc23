<?php

namespace App\Shelf\Arrivals;

/** A whole table that was saved. */
final class TableArrival implements Arrival
{
    public function offer(Brought $it): ?Offer
    {
        return str_starts_with($it->start, "PK\x03\x04")
            ? Offer::to('Open it beside what is here', 'A saved table. What is here stays.', '/safe/open', 'table_file')
            : null;
    }
}
