<?php

namespace App\Acts;

use Illuminate\Http\Request;

/** Several numbers in one field of a page: "3,7". */
final class NumberList
{
    /** @return list<int> what is no number is left out */
    public static function of(Request $request, string $field): array
    {
        $written = explode(',', $request->string($field)->toString());

        return array_values(array_map(intval(...), array_filter($written, is_numeric(...))));
    }
}
