<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Kit\Fields;
use Symfony\Component\HttpFoundation\Response;

/** A field holds a text, except those that are lists. Anything else is refused at its field. */
final class TextsOnly
{
    private const LISTS = ['wanted', 'folds', 'sketch', 'colours', 'surfaces', 'columns', 'written', 'files', 'handles', 'along'];

    private const LONGEST = 100_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $faults = [];
        foreach ($request->input() as $field => $value) {
            if (is_array($value) && ! in_array($field, self::LISTS, true)) {
                $faults[$field] = 'Write one text here, not a list.';
            }
            if (is_string($value) && (strlen($value) > self::LONGEST || ! mb_check_encoding($value, 'UTF-8'))) {
                $faults[$field] = 'Write a shorter text here.';
            } elseif (is_string($value) && Fields::isUnseen($value)) {
                $faults[$field] = 'There are characters here that cannot be seen: write it without them.';
            }
        }

        return $faults === [] ? $next($request) : throw ValidationException::withMessages($faults);
    }
}
