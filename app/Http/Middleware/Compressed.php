<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Compresses texts if the other side understands it, since a tablet may have a slow connection. */
final class Compressed
{
    /** Fewer bytes are not worth the work. */
    private const LEAST = 1_024;

    /** The level with the best gain for its time. */
    private const LEVEL = 4;

    private const TEXTS = ['text/', 'application/json', 'image/svg+xml', 'application/javascript'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (! $this->isWorthIt($request, $response)) {
            return $response;
        }
        $body = (string) gzencode((string) $response->getContent(), self::LEVEL);
        $response->setContent($body);
        $response->headers->set('Content-Encoding', 'gzip');
        $response->headers->set('Content-Length', (string) strlen($body));
        $response->setVary('Accept-Encoding', false);

        return $response;
    }

    private function isWorthIt(Request $request, Response $response): bool
    {
        if ($response instanceof StreamedResponse || $response instanceof BinaryFileResponse) {
            return false;
        }
        $type = (string) $response->headers->get('Content-Type', 'text/html');

        return in_array('gzip', $request->getEncodings(), true)
            && ! $response->headers->has('Content-Encoding')
            && strlen((string) $response->getContent()) >= self::LEAST
            && array_filter(self::TEXTS, static fn (string $text): bool => str_starts_with($type, $text)) !== [];
    }
}
