<?php

namespace App\Files;

use Illuminate\Http\Response;

/** A photograph as it is sent. Its address changes with it, so that browsers fetch it once. */
final class KeptPicture
{
    /** @param  string  $jpeg  as base64 */
    public static function response(string $jpeg): Response
    {
        return response((string) base64_decode($jpeg), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
