<?php

namespace App\View;

use App\Drawing\Lettering;
use App\Drawing\Shapes;
use App\Models\Component as Record;
use App\Models\Photo;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face as CoreFace;
use KeepShare\Core\Kit\Good as CoreGood;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/**
 * A component, for drawing. Lengths are whole units of 1/8 micrometre.
 *
 * @phpstan-type Extent array{width: int, height: int}
 * @phpstan-type Box array{x: int, y: int, width: int, height: int}
 * @phpstan-type CutLine array{x1: int, y1: int, x2: int, y2: int}
 * @phpstan-type Face array{
 *     name: string,
 *     motif: string,
 *     colours: list<string>,
 *     busy: bool,
 *     directional: bool,
 *     foil: bool,
 *     photo: string|null, // where its photograph is, when that is its swatch
 * }
 * @phpstan-type CutOut array{
 *     d: string, // in a box of a thousand by a thousand
 *     photo: string|null, // where its picture is
 * }
 * @phpstan-type Good array{
 *     id: string,
 *     name: string,
 *     kind: string,
 *     size: Extent|null,
 *     faces: list<Face>,
 *     finish: string|null,
 *     shape: string|null, // of a die cut or sticker
 *     cutout: CutOut|null, // where its own outline is known
 *     letter: float, // how high its words stand on it, as a part of its height
 *     colours: list<string>,
 *     words: string|null,
 * }
 * @phpstan-type Goods array<string, Good>
 */
final class GoodView
{
    /**
     * @param  iterable<Component>  $components
     * @return Goods by id
     */
    public static function all(iterable $components): array
    {
        $photos = [];
        $all = [];
        foreach ($components as $component) {
            $all[] = $component;
        }
        $shown = array_filter($all, self::mayHavePhoto(...));
        if ($shown !== []) {
            $ids = array_map(static fn (Component $one): int => Record::idOfCore($one->id), $shown);
            foreach (Photo::query()->whereIn('component_id', $ids)->get(['id', 'component_id', 'face']) as $photo) {
                $photos[Record::coreIdOf($photo->component_id)][$photo->face] = route('photos.show', $photo->id, false);
            }
        }
        $views = [];
        $names = self::names($all);
        foreach ($all as $component) {
            $views[$component->id] = self::of($component, $names[$component->id], $photos[$component->id] ?? []);
        }

        return $views;
    }

    /**
     * Things with the same name are told apart by what they are, and otherwise by their position.
     *
     * @param  list<Component>  $components
     * @return array<string, string> by id
     */
    private static function names(array $components): array
    {
        $alike = $names = [];
        foreach ($components as $component) {
            $alike[mb_strtolower($component->name)][$component->kind()->value][] = $component;
        }
        foreach ($alike as $kinds) {
            foreach ($kinds as $kind => $ones) {
                $says = str_replace('-', ' ', (string) $kind);
                foreach ($ones as $n => $one) {
                    $names[$one->id] = $one->name.match (true) {
                        count($ones) > 1 => sprintf(' (%s, %d)', $says, $n + 1),
                        count($kinds) > 1 => " ($says)",
                        default => '',
                    };
                }
            }
        }

        return $names;
    }

    /**
     * @param  array<int, string>  $photos  where they are, by face
     * @return Good
     */
    private static function of(Component $component, string $name, array $photos): array
    {
        $good = $component->good;
        $size = $good->extent();
        $faces = $good instanceof SheetGood ? $good->faces() : [];

        return [
            'id' => $component->id,
            'name' => $name,
            'kind' => $component->kind()->value,
            'size' => $size === null ? null : self::size($size),
            'faces' => array_map(
                static fn (CoreFace $face, int $at): array => self::face($face, $photos[$at] ?? null),
                $faces,
                array_keys($faces),
            ),
            'finish' => $good instanceof Cardstock ? $good->finish->value : null,
            'shape' => $good instanceof Applied ? Shapes::keyOf($good->printed()->shape) : null,
            'cutout' => self::cutOut($good, $photos[0] ?? null),
            'letter' => $good instanceof Applied ? Lettering::on($good->printed()) : 0.0,
            'colours' => self::hexes($good->colours()),
            'words' => ($good instanceof Applied ? $good->printed()->words : $component->words())?->text,
        ];
    }

    private static function mayHavePhoto(Component $component): bool
    {
        return $component->kind()->isPrintedPaper()
            || ($component->good instanceof Applied && $component->good->printed()->outline !== null);
    }

    /** @return CutOut|null */
    private static function cutOut(CoreGood $good, ?string $photo): ?array
    {
        $outline = $good instanceof Applied ? $good->printed()->outline : null;

        return $outline === null ? null : ['d' => $outline->path(), 'photo' => $photo];
    }

    /** @return Extent */
    public static function size(Size $size): array
    {
        return ['width' => $size->width->units, 'height' => $size->height->units];
    }

    /** @return Box */
    public static function box(Rect $rect): array
    {
        return ['x' => $rect->x->units, 'y' => $rect->y->units, ...self::size($rect->size)];
    }

    /** @return CutLine where a cut goes, on its sheet */
    public static function line(Cut $cut): array
    {
        $part = $cut->part();
        $isDown = $cut->direction() === Direction::Down;
        $x = $part->x->units + ($isDown ? $cut->at()->units : 0);
        $y = $part->y->units + ($isDown ? 0 : $cut->at()->units);

        return ['x1' => $x, 'y1' => $y, 'x2' => $isDown ? $x : $part->right()->units, 'y2' => $isDown ? $part->bottom()->units : $y];
    }

    /** @return Face */
    private static function face(CoreFace $face, ?string $photo): array
    {
        return [
            'name' => $face->name,
            'motif' => $face->motif->value,
            'colours' => self::hexes($face->colours),
            'busy' => $face->busy,
            'directional' => $face->directional,
            'foil' => $face->foil,
            'photo' => $photo,
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
