<?php

namespace App\Shelf\Arrivals;

/** A photograph of pieces on a table, or of one paper. */
final class PhotographArrival implements Arrival
{
    private const STARTS = ["\xFF\xD8\xFF", "\x89PNG", 'RIFF'];

    public function offer(Brought $it): ?Offer
    {
        foreach (self::STARTS as $start) {
            if (str_starts_with($it->start, $start)) {
                return new Offer('A photograph. What does it show?', [
                    ['does' => 'Pieces on a table', 'address' => '/kits/{kit}/photographs', 'field' => 'pieces'],
                    ['does' => 'Papers', 'address' => '/kits/{kit}/photographs', 'field' => 'papers'],
                ], '');
            }
        }

        return null;
    }
}
