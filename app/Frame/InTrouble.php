<?php

namespace App\Frame;

use App\Database\Trouble;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/** The database cannot be read or written. The frame of the application says why, and what was typed stays. */
final class InTrouble
{
    /** @return Response|null null where a bare answer will do: files, and what no page asks for */
    public static function answer(Request $request, Trouble $trouble): ?Response
    {
        $isPage = $request->header('X-Inertia') === 'true';
        if (! $request->isMethodSafe()) {
            return $isPage || $request->acceptsHtml() ? back()->withInput()->withErrors(['table' => $trouble->says()]) : null;
        }
        if ($request->expectsJson() || ! $request->hasSession()) {
            return null;
        }
        // Nothing may be asked of the database for this page.
        Inertia::flushShared();
        Inertia::version(static fn (): ?string => app(HandleInertiaRequests::class)->version($request));
        Inertia::share(['errors' => (object) [], 'frame' => null, 'shared' => null, 'notice' => null]);
        $page = new GonePage('Not now', $trouble->says(), $request->getRequestUri(), 'this page again', ['undo' => null, 'redo' => null]);

        return $page->toResponse($request)->setStatusCode($isPage ? 200 : 503);
    }
}
