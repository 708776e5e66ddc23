<?php

namespace App\Http\Middleware;

use App\Door\DeviceAccess;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * For other devices: answers only those that were let in by the code on the screen. Of the others it accepts only that
 * code.
 */
final class LetIn
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $door = config('app.at_the_door');
        if (! is_string($door) || $door === '') {
            return $next($request);
        }
        $token = $request->cookies->get(DeviceAccess::COOKIE);
        $isTheCode = $request->isMethod('GET') && $request->is('in/*');

        return $isTheCode || (is_string($token) && DeviceAccess::in($door)->knows($token))
            ? $next($request)
            : response('This device is not let in. Scan the code that the screen shows under Tablet.', 403, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
    }
}
