<?php

namespace App\Http;

/** What every answer says, a page, a file or a fault. */
final class Headers
{
    /** Everything a page needs is shipped with it; nothing else may run, load, read or frame it. */
    public const OF_ALL = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; "
            ."img-src 'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
    ];
}
