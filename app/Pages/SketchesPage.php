<?php

namespace App\Pages;

use App\Models\Kit;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\Visibility;

/** The shelf of sketches, resolved for a front. */
final class SketchesPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit, ?StandardFront $standard, bool $isLying, ?string $chosen): array
    {
        $front = $standard?->size() ?? $kit->front();
        $front = $isLying ? $front->turned() : $front;
        $sketches = Sketches::all();
        $sketch = $sketches[$chosen ?? ''] ?? array_values($sketches)[0];

        return [
            'fronts' => array_map(static fn (StandardFront $one): array => ['key' => $one->value, 'label' => "$one->value, ".$one->size()->label($kit->unit)], StandardFront::cases()),
            'front' => ['key' => $standard->value ?? '', 'label' => StandardFront::nameOf($front, $kit->unit).', '.$front->label($kit->unit), 'isLying' => $isLying],
            'shelf' => array_map(static fn (Sketch $one): array => self::drawn($one, $front, $kit->unit), array_values($sketches)),
            'chosen' => self::chosen($sketch, $front, $kit->unit),
        ];
    }

    /** @return array<string, mixed> */
    private static function drawn(Sketch $sketch, Size $front, Unit $unit): array
    {
        $drawn = ['key' => $sketch->key, 'name' => $sketch->name, 'minutes' => $sketch->minutes, 'front' => GoodView::size($front)];
        try {
            $layout = $sketch->resolve($front, $unit);
        } catch (CannotResolve $why) {
            return [...$drawn, 'fault' => $why->getMessage(), 'parts' => [], 'places' => []];
        }

        return [...$drawn, 'fault' => null, 'parts' => array_map(self::box(...), $layout->parts), 'places' => [
            ['x' => $layout->focal->x->units, 'y' => $layout->focal->y->units, ...GoodView::size($layout->focal->size), 'role' => 'focal'],
            ['x' => $layout->sentiment->x->units, 'y' => $layout->sentiment->y->units, ...GoodView::size($layout->sentiment->size), 'role' => 'sentiment'],
        ]];
    }

    /** @return array<string, mixed> */
    private static function box(Laid $laid): array
    {
        return ['x' => $laid->rect->x->units, 'y' => $laid->rect->y->units, ...GoodView::size($laid->rect->size), 'role' => $laid->part->role->value];
    }

    /** @return array<string, mixed> */
    private static function chosen(Sketch $sketch, Size $front, Unit $unit): array
    {
        $drawn = self::drawn($sketch, $front, $unit);
        if ($drawn['fault'] !== null) {
            return [...$drawn, 'lines' => []];
        }
        $layout = $sketch->resolve($front, $unit);
        $visibility = Visibility::of($layout);

        return [...$drawn, 'lines' => array_map(static fn (Laid $laid): array => [
            'name' => $laid->part->name,
            'from' => $laid->part->role->isPaper() ? 'patterned paper' : 'cardstock',
            'role' => $laid->part->role->value,
            'size' => $laid->rect->size->format($unit),
            'reveals' => self::reveals($layout, $laid, $unit),
            'shown' => $visibility->shownPercent($laid),
            'spare' => $visibility->spareOf($laid->part->id)?->label($unit),
        ], $layout->parts)];
    }

    /** "1/8 all round", or each side where they differ. */
    private static function reveals(Layout $layout, Laid $laid, Unit $unit): string
    {
        $reveals = array_map(static fn (Length $reveal): string => $reveal->format($unit), $layout->reveals($laid));

        return count(array_unique($reveals)) === 1
            ? $reveals['left'].' all round'
            : sprintf('left %s, top %s, right %s, bottom %s', $reveals['left'], $reveals['top'], $reveals['right'], $reveals['bottom']);
    }
}
