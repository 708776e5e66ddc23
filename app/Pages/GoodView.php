<?php

namespace App\Pages;

use App\Models\Component as Record;
use App\Models\Photo;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;

/** A component as the interface draws it: lengths in whole units of 1/8 micrometre. */
final class GoodView
{
    /**
     * @param  iterable<Component>  $components
     * @return array<string, array<string, mixed>> by id
     */
    public static function all(iterable $components): array
    {
        $views = [];
        $printed = [];
        foreach ($components as $component) {
            $views[$component->id] = self::of($component);
            if ($component->kind()->isPrintedPaper()) {
                $printed[] = Record::idOfCore($component->id);
            }
        }
        foreach ($printed === [] ? [] : Photo::query()->whereIn('component_id', $printed)->get(['id', 'component_id', 'face']) as $photo) {
            $views[Record::coreIdOf($photo->component_id)]['faces'][$photo->face]['photo'] = route('photos.show', $photo->id, false);
        }

        return $views;
    }

    /** @return array<string, mixed> */
    public static function of(Component $component): array
    {
        $good = $component->good;
        $size = $good->extent();

        return [
            'id' => $component->id,
            'name' => $component->name,
            'kind' => $component->kind()->value,
            'size' => $size === null ? null : self::size($size),
            'faces' => $good instanceof SheetGood ? array_map(self::face(...), $good->faces()) : [],
            'finish' => $good instanceof Cardstock ? $good->finish->value : null,
            'shape' => $good instanceof Applied ? $good->printed()->shape->value : null,
            'colours' => self::hexes($good->colours()),
            'words' => ($good instanceof Applied ? $good->printed()->words : $component->words())?->text,
        ];
    }

    /** @return array{width: int, height: int} */
    public static function size(Size $size): array
    {
        return ['width' => $size->width->units, 'height' => $size->height->units];
    }

    /** @return array<string, mixed> */
    private static function face(Face $face): array
    {
        return [
            'name' => $face->name,
            'motif' => $face->motif->value,
            'colours' => self::hexes($face->colours),
            'busy' => $face->busy,
            'directional' => $face->directional,
            'foil' => $face->foil,
            'photo' => null,
        ];
    }

    /**
     * @param  list<Colour>  $colours
     * @return list<string>
     */
    private static function hexes(array $colours): array
    {
        return array_map(static fn (Colour $colour): string => $colour->hex, $colours);
    }
}
