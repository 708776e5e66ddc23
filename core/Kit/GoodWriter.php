<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * Writes what a good reads of itself: lengths as texts in $unit for a file, as whole units for a record ($unit null).
 */
final class GoodWriter
{
    private function __construct(private readonly ?Unit $unit)
    {
    }

    /** @return array<string, mixed> */
    public static function write(Good $good, ?Unit $unit): array
    {
        return $good->write(new self($unit));
    }

    public function length(Length $length): string|int
    {
        return self::lengthIn($length, $this->unit);
    }

    /** @return array{width: string|int, height: string|int} */
    public function size(Size $size): array
    {
        return self::sizeIn($size, $this->unit);
    }

    public static function lengthIn(Length $length, ?Unit $unit): string|int
    {
        return $unit === null ? $length->units : $length->exact($unit);
    }

    /** @return array{width: string|int, height: string|int} */
    public static function sizeIn(Size $size, ?Unit $unit): array
    {
        return ['width' => self::lengthIn($size->width, $unit), 'height' => self::lengthIn($size->height, $unit)];
    }

    /** @return array<string, mixed> */
    public function printed(Printed $printed): array
    {
        return [
            'size' => $this->size($printed->size),
            'serves' => $printed->serves->value,
            'shape' => $printed->shape->value,
            'colours' => self::colours($printed->colours),
        ]
            + ($printed->words === null ? [] : self::words($printed->words))
            + ($printed->outline === null ? [] : ['outline' => $printed->outline->texts()]);
    }

    /** @return array<string, mixed> */
    public static function face(Face $face): array
    {
        return [
            'name' => $face->name,
            'motif' => $face->motif->value,
            'colours' => self::colours($face->colours),
            'busy' => $face->busy,
            'directional' => $face->directional,
            'foil' => $face->foil,
        ];
    }

    /** @return array<string, mixed> */
    public static function words(Words $words): array
    {
        $keys = array_map(static fn (Occasion $one): string => $one->value, $words->occasions);

        // "Any occasion" is written as all that ship, so that it does not depend on the list of another maker.
        return ['words' => $words->text, 'occasions' => $words->isForAny() ? Occasions::shipped() : $keys];
    }

    /**
     * @param  list<Colour>  $colours
     * @return list<string>
     */
    private static function colours(array $colours): array
    {
        return array_map(static fn (Colour $colour): string => $colour->hex, $colours);
    }
}
