<?php

namespace App\Shelf\Arrivals;

/** The code on a packing list, by which the kit post knows the kit. */
final class CodeArrival implements Arrival
{
    public function offer(Brought $it): ?Offer
    {
        $isCode = ! $it->isFile() && preg_match('/^\s*[A-Z]{3,20}-\d{1,6}\s*$/i', $it->start) === 1;

        return $isCode ? Offer::to('Ask the kit post', 'A code of the kit post, for a new kit.', '/kit-post', 'code') : null;
    }
}
