<?php

namespace App\Acts;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A change to one card. Refusals of the core are shown at the field they came from. */
final class CardRequest extends FormRequest
{
    public function revision(): int
    {
        return $this->integer('revision');
    }

    public function text(string $key): string
    {
        // A sketch that is being written comes as a list. Here its key is meant.
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
