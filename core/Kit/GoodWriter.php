<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Writes what GoodReader reads: lengths as texts in $unit for a file, as whole units for a record ($unit null). */
final class GoodWriter
{
    private function __construct(private readonly ?Unit $unit)
    {
    }

    /** @return array<string, mixed> */
    public static function write(Good $good, ?Unit $unit): array
    {
        return (new self($unit))->fields($good);
    }

    public static function length(Length $length, ?Unit $unit): string|int
    {
        return $unit === null ? $length->units : $length->exact($unit);
    }

    /** @return array{width: string|int, height: string|int} */
    public static function size(Size $size, ?Unit $unit): array
    {
        return ['width' => self::length($size->width, $unit), 'height' => self::length($size->height, $unit)];
    }

    /** @return array<string, mixed> */
    private function fields(Good $good): array
    {
        return match (true) {
            $good instanceof Paper => ['size' => self::size($good->size(), $this->unit), 'faces' => array_map(self::face(...), $good->faces()), 'heavy' => $good->heavy],
            $good instanceof Panel => ['size' => self::size($good->size(), $this->unit), 'faces' => array_map(self::face(...), $good->faces()), 'onSheet' => $good->onSheet],
            $good instanceof Cardstock => [
                'size' => self::size($good->size(), $this->unit),
                'colour' => $good->front->hex,
                'back' => $good->back->hex,
                'finish' => $good->finish->value,
                'weight' => $good->weight->value,
            ],
            $good instanceof CardBase => ['front' => self::size($good->front, $this->unit), 'fold' => $good->fold->value, 'colour' => $good->colour->hex] + ($good->printed === null ? [] : ['printed' => self::face($good->printed)]),
            $good instanceof Envelope => ['size' => self::size($good->size, $this->unit), 'colour' => $good->colour->hex] + $this->liner($good->liner),
            $good instanceof DieCut => $this->printed($good->printed()) + ['foil' => $good->foil],
            $good instanceof Sticker => $this->printed($good->printed())
                + ['stuff' => $good->stuff->value, 'thickness' => self::length($good->thickness, $this->unit)],
            $good instanceof LayeredPicture => $this->printed($good->printed()) + ['layers' => $good->layers],
            $good instanceof Adhesive => ['form' => $good->form->value, 'plenty' => $good->plenty],
            $good instanceof Embellishment => ['colour' => $good->colour->hex, 'plenty' => $good->plenty],
            $good instanceof Ribbon => ['colour' => $good->colour->hex],
            $good instanceof Foam => ['thickness' => self::length($good->thickness, $this->unit)],
            $good instanceof Stamp => ['size' => self::size($good->size, $this->unit)] + ($good->words === null ? [] : self::words($good->words)),
            $good instanceof Tool => array_filter([
                'tool' => $good->tool->value,
                'makes' => $good->makes === null ? null : self::size($good->makes, $this->unit),
                'shape' => $good->shape?->value,
                'colour' => $good->colour?->hex,
                'directional' => $good->directional,
            ], static fn (mixed $value): bool => $value !== null),
            default => throw BadKit::at($good::class, 'has no written form.'),
        };
    }

    /** @return array<string, mixed> */
    private function liner(?Liner $liner): array
    {
        return $liner === null ? [] : ['liner' => ['face' => self::face($liner->face), 'margin' => self::length($liner->margin, $this->unit)]];
    }

    /** @return array<string, mixed> */
    private function printed(Printed $printed): array
    {
        return [
            'size' => self::size($printed->size, $this->unit),
            'serves' => $printed->serves->value,
            'shape' => $printed->shape->value,
            'colours' => self::colours($printed->colours),
        ] + ($printed->words === null ? [] : self::words($printed->words));
    }

    /** @return array<string, mixed> */
    private static function face(Face $face): array
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
    private static function words(Words $words): array
    {
        return ['words' => $words->text, 'occasions' => array_map(static fn (Occasion $o): string => $o->value, $words->occasions)];
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
