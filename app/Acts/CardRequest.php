<?php

namespace App\Acts;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A change to one card; what the core refuses is told at the field it came from. */
final class CardRequest extends FormRequest
{
    public function revision(): int
    {
        return $this->integer('revision');
    }

    public function text(string $key): string
    {
        // A sketch may come as a list, where it is written; here its key is asked for.
        return is_array($this->input($key)) ? '' : $this->string($key)->trim()->toString();
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     *
     * @throws ValidationException with the refusal at the field
     */
    public function at(string $field, Closure $do): mixed
    {
        return AtField::of($field, $do);
    }
}
