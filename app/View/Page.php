<?php

namespace App\View;

use Closure;
use Illuminate\Contracts\Support\Responsable;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page of the interface is sent: its public properties and nothing else. CutPage is sent to Cut/CutPage.svelte.
 * `php artisan props:types` writes its TypeScript type from here.
 */
abstract readonly class Page implements Responsable
{
    final public function toResponse($request): Response
    {
        [, $room, $name] = explode('\\', static::class);
        $props = array_map(self::asItIs(...), get_object_vars($this));

        return Inertia::render("$room/$name", $props)->toResponse($request);
    }

    /**
     * Computed values are sent as they are. Otherwise the framework would look for props in every cell of a large
     * table.
     */
    private static function asItIs(mixed $prop): mixed
    {
        // Wrapped twice, since the framework opens one layer and must find no list in it.
        return $prop instanceof Closure ? static fn (): AsItIs => new AsItIs(new AsItIs($prop())) : $prop;
    }
}
