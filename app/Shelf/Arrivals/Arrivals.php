<?php

namespace App\Shelf\Arrivals;

/** All kinds of things that can be brought to the shelf. The first that recognises it is used. */
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

    /** Null if nothing recognises it. */
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
