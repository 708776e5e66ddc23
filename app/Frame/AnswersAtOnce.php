<?php

namespace App\Frame;

use App\Http\Middleware\OwnRecords;
use Closure;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Answers an act with the page that it leads to, so that no second request is needed.
 *
 * If that page is not available (it is gone, or is not a page of the application), it answers with the usual redirect.
 */
final readonly class AnswersAtOnce
{
    /** The most redirects that are followed. */
    private const STEPS = 3;

    public function __construct(private Application $app, private Router $router)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        if (! $answer instanceof RedirectResponse || ! $request->headers->has('X-Inertia') || $request->isMethodSafe()) {
            return $answer;
        }
        for ($step = 0, $page = $answer; $page instanceof RedirectResponse && $step < self::STEPS; $step++) {
            $page = $this->page($request, $page->getTargetUrl());
        }
        $this->app->instance('request', $request);
        if ($page === null || $page instanceof RedirectResponse) {
            return $answer;
        }
        // What was to be shown on the next page is shown on this one.
        $request->session()->ageFlashData();

        return $page;
    }

    private function page(Request $request, string $url): ?Response
    {
        if (! str_starts_with($url, $request->getSchemeAndHttpHost().'/') && $url !== $request->getSchemeAndHttpHost()) {
            return null;
        }
        // What was sent with the act belongs to it alone.
        $asked = Request::create($url, 'GET', [], $request->cookies->all(), [], $request->server->all(), '');
        $asked->headers->replace($request->headers->all());
        $asked->headers->remove('Content-Type');
        $asked->headers->remove('Content-Length');
        $asked->setLaravelSession($request->session());
        try {
            $route = $this->router->getRoutes()->match($asked);
            if ($route->isFallback) {
                return null;
            }
            $asked->setRouteResolver(static fn () => $route);
            $route->setContainer($this->app);
            $this->app->instance('request', $asked);

            return (new Pipeline($this->app))
                ->send($asked)
                ->through([SubstituteBindings::class, OwnRecords::class, HandleInertiaRequests::class])
                ->then(fn (Request $asked): Response => Router::toResponse($asked, $route->run()));
        } catch (HttpException|ModelNotFoundException) {
            return null;
        }
    }
}
