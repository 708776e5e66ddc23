<?php

namespace App\Http\Middleware;

use App\Http\KnownNames;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers under the names it is known by alone: a page elsewhere whose name is made to point here must not pass for this
 * application.
 */
final class KnownHosts
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        // The name as it was sent: asking the request for its host refuses some names with a fault of its own.
        if (! KnownNames::has((string) $request->headers->get('host'), config('app.hosts'))) {
            return response('Keep Share is not known by that name. Open it at 127.0.0.1.', 421, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
        }

        return $next($request);
    }
}
