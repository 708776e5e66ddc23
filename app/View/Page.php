<?php

namespace App\View;

use Closure;
use Illuminate\Contracts\Support\Responsable;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page of the interface is given: its public properties and nothing else. CutPage is what Cut/CutPage.svelte gets. The
 * interface's own description of it is made from here, by `php artisan props:types`.
 */
abstract readonly class Page implements Responsable
{
    final public function toResponse($request): Response
    {
        [, $room, $name] = explode('\\', static::class);
        $props = array_map(self::asItIs(...), get_object_vars($this));

        return Inertia::render("$room/$name", $props)->toResponse($request);
    }

    /** What is worked out is given as it is: the framework would look into every cell of a large table for props. */
    private static function asItIs(mixed $prop): mixed
    {
        // Twice: it opens the one, and finds no list in it.
        return $prop instanceof Closure ? static fn (): AsItIs => new AsItIs(new AsItIs($prop())) : $prop;
    }
}
