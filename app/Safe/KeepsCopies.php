<?php

namespace App\Safe;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The first page of a day has a copy of the table kept, once the page is on its way. */
final class KeepsCopies
{
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(): void
    {
        KeepCopy::whereDue();
    }
}
