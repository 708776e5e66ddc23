<?php

namespace App\Shelf\Arrivals;

/** All sorts of things that can be brought to the shelf; the first that knows it is asked. */
final class Arrivals
{
    private const ALL = [
        FileArrival::class,
        TableArrival::class,
        PhotographArrival::class,
        CodeArrival::class,
        CsvArrival::class,
        ListArrival::class,
    ];

    /** Null where nothing is known to do with it. */
    public static function offer(Brought $it): ?Offer
    {
        foreach (self::ALL as $arrival) {
            $offer = (new $arrival)->offer($it);
            if ($offer !== null) {
                return $offer;
            }
        }

        return null;
    }
}
