<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;

/** The designs of a kit as its file and its record hold them. */
final class KitDesigns
{
    /**
     * @param  list<Component>  $components  of the kit
     * @return list<KitDesign>
     *
     * @throws BadKit with the place of each design that is wrong
     */
    public static function read(Fields $fields, array $components): array
    {
        $byId = array_column(array_map(static fn (Component $one): array => [$one->id, $one], $components), 1, 0);
        $items = $fields->items('designs');
        if (count($items) > KitDesign::MOST) {
            throw BadKit::at('designs', sprintf('there are more than %d.', KitDesign::MOST));
        }
        $designs = [];
        $faults = [];
        foreach ($items as $i => $item) {
            try {
                $designs[] = self::design($fields->item('designs', $i, $item), $byId);
            } catch (BadKit $wrong) {
                array_push($faults, ...$wrong->faults);
            }
        }

        return $faults === [] ? $designs : throw BadKit::because($faults);
    }

    /**
     * @param  list<KitDesign>  $designs
     * @return list<array<string, mixed>>
     */
    public static function write(array $designs): array
    {
        return array_map(
            static fn (KitDesign $design): array => [
                'name' => $design->name,
                'sketch' => $design->sketch->key,
                'lying' => $design->isLying,
                'occasion' => $design->occasion->value,
                'makes' => $design->makes,
                'takes' => array_map(
                    static fn (array $take): string => $take['face'] === 0
                        ? $take['component']
                        : "{$take['component']}/{$take['face']}",
                    $design->takes,
                ),
            ],
            $designs,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $written
     * @return list<string> the ids of the components that written designs take; others are not needed to read them
     */
    public static function named(array $written): array
    {
        $named = [];
        foreach ($written as $design) {
            foreach (is_array($design['takes'] ?? null) ? $design['takes'] : [] as $take) {
                $named[is_string($take) ? self::parts($take)[0] : ''] = true;
            }
        }

        return array_map(strval(...), array_keys($named));
    }

    /** @return array{string, string} what is taken and which of its faces */
    private static function parts(string $written): array
    {
        [$id, $face] = [...explode('/', $written, 2), '0'];

        return [$id, $face];
    }

    /** @param  array<string, Component>  $components  by id */
    private static function design(Fields $fields, array $components): KitDesign
    {
        $name = $fields->text('name');
        $key = $fields->text('sketch');
        $sketch = Sketches::all()[$key] ?? throw BadKit::at($fields->place('sketch'), "no sketch \"$key\" ships with Keep Share.");
        $isLying = $fields->flag('lying');
        $occasion = $fields->occasion('occasion');
        $makes = $fields->count('makes', 20, 1);
        $takes = [];
        $given = $fields->object('takes');
        foreach (self::places($sketch) as $place) {
            if ($given->has($place)) {
                $takes[$place] = self::take($given->text($place), $place, $given->place($place), $components);
            }
        }
        $given->nothingElse();
        $fields->nothingElse();
        foreach ([KitDesign::FOCAL, KitDesign::SENTIMENT] as $place) {
            if (! isset($takes[$place])) {
                throw BadKit::at($given->place($place), 'is missing: a design says which picture and which words it has.');
            }
        }

        return KitDesign::of($name, $sketch, $isLying, $occasion, $makes, $takes);
    }

    /** @return list<string> the parts of a sketch that are cut, the focal point and the sentiment */
    private static function places(Sketch $sketch): array
    {
        $places = [KitDesign::FOCAL, KitDesign::SENTIMENT];
        foreach ($sketch->parts as $part) {
            if ($part->role !== Role::Guide) {
                $places[] = $part->id;
            }
        }

        return $places;
    }

    /**
     * @param  array<string, Component>  $components
     * @return array{component: string, face: int}
     */
    private static function take(string $written, string $place, string $at, array $components): array
    {
        [$id, $face] = self::parts($written);
        $component = $components[$id] ?? throw BadKit::at($at, "no component of the kit has the id \"$id\".");
        $does = match ($place) {
            KitDesign::FOCAL => $component->isFocalPoint(),
            KitDesign::SENTIMENT => $component->words() !== null,
            default => $component->good instanceof SheetGood,
        };
        if (! $does) {
            throw BadKit::at($at, "\"$id\" cannot be the $place of a card.");
        }
        $faces = $component->good instanceof SheetGood ? count($component->good->faces()) : 1;
        if (! ctype_digit($face) || (int) $face >= $faces) {
            throw BadKit::at($at, "\"$id\" has no face $face.");
        }

        return ['component' => $id, 'face' => (int) $face];
    }
}
