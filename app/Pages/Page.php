<?php

namespace App\Pages;

use Illuminate\Contracts\Support\Responsable;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a page of the interface is given: its public properties and nothing else. CutPage is what Cut.svelte gets. The
 * interface's own description of it is made from here, by `php artisan props:types`.
 */
abstract readonly class Page implements Responsable
{
    final public function toResponse($request): Response
    {
        $name = substr(class_basename($this), 0, -strlen('Page'));

        return Inertia::render($name, get_object_vars($this))->toResponse($request);
    }
}
