<?php

namespace App\Http\Middleware;

use App\Models\Kit;
use App\Models\OfKit;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every record in an address must belong to the kit in it, so that nothing is written to another kit. */
final class OwnRecords
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $kit = $request->route('kit');
        if (! $kit instanceof Kit) {
            return $next($request);
        }
        foreach ($request->route()?->parameters() ?? [] as $record) {
            abort_if($record instanceof OfKit && ! $record->isOf($kit), 404);
        }

        return $next($request);
    }
}
