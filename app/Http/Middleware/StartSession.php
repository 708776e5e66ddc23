<?php

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkSession;

/**
 * The session of one maker, perhaps in several tabs.
 *
 * Requests that a page makes by itself must not touch it. They would remove or overwrite the refusal that another tab
 * is about to show.
 */
final class StartSession extends FrameworkSession
{
    /** Whether a page asked for this, and not a person. */
    public static function isLookingOn(Request $request): bool
    {
        return $request->headers->has('X-Looking-On');
    }

    protected function saveSession($request): void
    {
        if (! self::isLookingOn($request)) {
            parent::saveSession($request);
        }
    }
}
