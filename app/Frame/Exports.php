<?php

namespace App\Frame;

use App\Files\Export;
use InvalidArgumentException;

/** Every file that leaves the application, in the order in which they are offered. */
final class Exports
{
    /** @return list<Export> */
    public static function all(): array
    {
        return array_merge(...array_map(static fn (WorkRoom $room): array => $room->exports(), Rooms::all()));
    }

    /**
     * The export with this class, as a route names it.
     *
     * @throws InvalidArgumentException where there is none such
     */
    public static function named(string $class): Export
    {
        foreach (self::all() as $export) {
            if ($export::class === $class) {
                return $export;
            }
        }

        throw new InvalidArgumentException("$class is no file that leaves.");
    }

    /**
     * @template T of Export
     *
     * @param  class-string<T>  $kind
     * @return list<T>
     */
    public static function of(string $kind): array
    {
        return array_values(array_filter(self::all(), static fn (Export $export): bool => $export instanceof $kind));
    }
}
