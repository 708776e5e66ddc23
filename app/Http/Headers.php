<?php

namespace App\Http;

/** The headers of every answer: a page, a file or a fault. */
final class Headers
{
    /** Everything a page needs ships with it. Nothing else may run, load, read or frame it. */
    public const OF_ALL = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; "
            ."img-src 'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
    ];
}
