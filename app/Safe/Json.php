<?php

namespace App\Safe;

use JsonException;
use stdClass;

/** Reads JSON with objects as arrays by name, except the empty one: as an array it would come back as an empty list. */
final class Json
{
    /** @throws JsonException */
    public static function read(string $json): mixed
    {
        return self::told(json_decode($json, false, 64, JSON_THROW_ON_ERROR));
    }

    private static function told(mixed $value): mixed
    {
        if ($value instanceof stdClass) {
            $value = (array) $value;
            if ($value === []) {
                return new stdClass;
            }
        }

        return is_array($value) ? array_map(self::told(...), $value) : $value;
    }
}
