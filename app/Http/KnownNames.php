<?php

namespace App\Http;

/** The names under which the application answers. Files that ship are asked for before the framework is loaded. */
final class KnownNames
{
    private const OWN = ['127.0.0.1', 'localhost'];

    /**
     * @param  string  $more  than its own, between commas
     * @return list<string>
     */
    public static function with(string $more): array
    {
        return [...self::OWN, ...array_values(array_filter(explode(',', $more)))];
    }

    /**
     * @param  string  $host  as it was sent, perhaps with a port
     * @param  list<string>  $names
     */
    public static function has(string $host, array $names): bool
    {
        return in_array(preg_replace('/:\d+$/', '', strtolower($host)), $names, true);
    }
}
