<?php

namespace App\Shelf\Arrivals;

use App\Shelf\Csv;
use KeepShare\Core\Entry\CsvList;
use KeepShare\Core\Kit\BadKit;

/** A packing list as a table. If its header does not say which column is which, the maker is asked. */
final class CsvArrival implements Arrival
{
    private const ENDINGS = ['csv', 'tsv'];

    public function offer(Brought $it): ?Offer
    {
        try {
            $csv = Csv::parse($it->start);
        } catch (BadKit) {
            return null;
        }
        $known = array_intersect(CsvList::NEEDED, array_keys($csv->known()));
        $isKnown = count($known) === count(CsvList::NEEDED);
        $isPlain = Csv::asList($it->start) !== $it->start;

        return $isKnown || (in_array($it->ending(), self::ENDINGS, true) && ! $isPlain)
            ? Offer::to('Look at its columns', 'A packing list as a table, for a new kit.', '/kits', 'kit_file')
            : null;
    }
}
