<?php

namespace App\Pages;

use App\Models\Kit;
use App\Models\OwnSketch;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Outline;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Visibility;

/** The shelf of sketches, resolved for a front. */
final class SketchesPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit, FrontChoice $front, ?string $chosen, bool $isCovered): array
    {
        $frame = $isCovered ? Length::zero() : ($kit->frame === null || $kit->frame === 0 ? null : Length::ofUnits($kit->frame));
        $sketches = OwnSketch::shelf();
        $sketch = $sketches[$chosen ?? ''] ?? array_values($sketches)[0];
        $isLying = $front->size->isLying();
        $own = OwnSketch::findByKey($sketch->key);

        return [
            'front' => $front->toArray(),
            'isCovered' => $isCovered,
            'shelf' => array_map(static fn (Sketch $one): array => self::drawn($one, $front->size, $kit->unit, $frame), array_values($sketches)),
            'chosen' => self::chosen($sketch, $front->size, $kit->unit, $frame),
            'scales' => array_map(static fn (StandardFront $one): array => ['label' => $one->value, ...self::drawn($sketch, $isLying ? $one->size()->turned() : $one->size(), $kit->unit, $frame)], StandardFront::cases()),
            'off' => $kit->wishes['sketches_off'] ?? [],
            // One that was written at another kit is copied here, as those that ship are.
            'own' => $own?->isOf($kit) === true ? $own->id : null,
        ];
    }

    /** @return array<string, mixed> */
    public static function drawn(Sketch $sketch, Size $front, Unit $unit, ?Length $frame = null): array
    {
        $drawn = ['key' => $sketch->key, 'name' => $sketch->name, 'minutes' => $sketch->minutes, 'front' => GoodView::size($front)];
        try {
            $layout = $sketch->resolve($front, $unit, $frame);
        } catch (CannotResolve $why) {
            return [...$drawn, 'fault' => $why->getMessage(), 'parts' => [], 'places' => []];
        }

        return [...$drawn, 'fault' => null, 'parts' => array_map(static fn (Laid $laid): array => ['d' => OutlineView::path($laid->outline), 'role' => $laid->part->role->value], $layout->parts), 'places' => [
            ['d' => OutlineView::path(Outline::rect($layout->focal)), 'role' => 'focal'],
            ['d' => OutlineView::path(Outline::rect($layout->sentiment)), 'role' => 'sentiment'],
        ]];
    }

    /** @return array<string, mixed> */
    public static function chosen(Sketch $sketch, Size $front, Unit $unit, ?Length $frame = null): array
    {
        $drawn = self::drawn($sketch, $front, $unit, $frame);
        if ($drawn['fault'] !== null) {
            return [...$drawn, 'lines' => [], 'inside' => null];
        }
        $layout = $sketch->resolve($front, $unit, $frame);
        $visibility = Visibility::of($layout);

        return [...$drawn, 'inside' => $layout->inside->label($unit), 'lines' => array_map(static fn (Laid $laid): array => [
            'name' => $laid->part->name,
            'from' => $laid->part->role->isPaper() ? 'patterned paper' : 'cardstock',
            'wants' => $laid->part->role->wants(),
            'turns' => $laid->part->role->mayTurn() && ! $laid->part->form->kind->isAslant(),
            'form' => $laid->part->form->kind === FormKind::Plain ? null : $laid->part->form->kind->says(),
            'size' => $laid->cut->format($unit),
            'reveals' => self::reveals($layout, $laid, $unit),
            'shown' => $visibility->shownPercent($laid->part->id),
            'height' => $laid->height->units < 8_000 ? null : $laid->height->label(Unit::Millimetre),
            'spare' => $visibility->spareOf($laid->part->id)?->label($unit),
        ], $layout->parts)];
    }

    /** "1/8 all round", each side where they differ, or that it is flush. */
    public static function reveals(Layout $layout, Laid $laid, Unit $unit): string
    {
        $reveals = array_map(static fn (Length $reveal): string => $reveal->format($unit), $layout->reveals($laid));

        if (array_unique(array_values($reveals)) === ['0']) {
            return 'flush with what it lies on';
        }

        return count(array_unique($reveals)) === 1
            ? $reveals['left'].' all round'
            : sprintf('left %s, top %s, right %s, bottom %s', $reveals['left'], $reveals['top'], $reveals['right'], $reveals['bottom']);
    }
}
