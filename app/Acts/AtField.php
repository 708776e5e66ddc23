<?php

namespace App\Acts;

use Closure;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Refusal;

/** Shows a refusal of the core at the field it came from. What was typed stays. */
final class AtField
{
    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     *
     * @throws ValidationException with the refusal at the field
     */
    public static function of(string $field, Closure $do): mixed
    {
        try {
            return $do();
        } catch (Refusal $refused) {
            throw ValidationException::withMessages([$field => $refused->getMessage()]);
        }
    }
}
