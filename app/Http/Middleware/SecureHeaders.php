<?php

namespace App\Http\Middleware;

use App\Http\Headers;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says on every answer what may be done with it. It comes first, so that refusals of the others have it too. */
final class SecureHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (Headers::OF_ALL as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
    }
}
