<?php

namespace App\Safe;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** After the first page of a day was sent, a copy of the table is saved. */
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
