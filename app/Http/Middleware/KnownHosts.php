<?php

namespace App\Http\Middleware;

use App\Http\KnownNames;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only under its known names. A page elsewhere whose name points here must not pass for this application. */
final class KnownHosts
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        // The host as it was sent, since asking the request for it fails for some names.
        if (! KnownNames::has((string) $request->headers->get('host'), config('app.hosts'))) {
            return response('Keep Share is not at that address. Open it at 127.0.0.1.', 421, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
        }

        return $next($request);
    }
}
