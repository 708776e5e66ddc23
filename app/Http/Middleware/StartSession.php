<?php

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkSession;

/**
 * The session of one maker, perhaps in several tabs.
 *
 * What a page asks for by itself must not touch it: a look of one tab would carry off, or write over, the refusal that
 * another tab is just being told.
 */
final class StartSession extends FrameworkSession
{
    /** Whether this was asked by a page, not by a person. */
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
