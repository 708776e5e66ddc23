<?php

namespace App\Prints;

/** What kind of file leaves the application. */
enum Media: string
{
    case Json = 'application/json';
    case Csv = 'text/csv; charset=utf-8';
    case Pdf = 'application/pdf';
    case Svg = 'image/svg+xml';

    /** Opened beside the page rather than saved: what is printed. */
    public function isShown(): bool
    {
        return $this === self::Pdf;
    }
}
