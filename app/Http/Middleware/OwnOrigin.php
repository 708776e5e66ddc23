<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only its own pages. A page of another origin or port gets nothing and does nothing. Only a link may lead here
 * from elsewhere.
 */
final class OwnOrigin
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $origin = $request->headers->get('Origin');
        $isOther = $origin !== null && strtolower($origin) !== strtolower($request->getSchemeAndHttpHost());
        $isFromElsewhere = in_array($request->headers->get('Sec-Fetch-Site'), ['cross-site', 'same-site'], true);
        $isLink = $request->isMethodSafe() && $request->headers->get('Sec-Fetch-Mode') === 'navigate'
            && $request->headers->get('Sec-Fetch-Dest') === 'document';

        return $isOther || ($isFromElsewhere && ! $isLink)
            ? response('Keep Share answers its own pages only.', 403, ['Content-Type' => 'text/plain; charset=utf-8'])
            : $next($request);
    }
}
