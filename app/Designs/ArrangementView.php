<?php

namespace App\Designs;

use App\Drawing\OutlinePath;
use App\View\GoodView;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Arrange\Sample;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Outline;

/**
 * An arrangement with pieces of usual sizes, as outlines.
 *
 * @phpstan-import-type Extent from GoodView
 *
 * @phpstan-type PlacedOutline array{id: string, name: string, d: string, role: string}
 * @phpstan-type TrimmingDot array{x: int, y: int, half: int}
 * @phpstan-type DrawnArrangement array{
 *     key: string,
 *     name: string,
 *     family: string,
 *     front: Extent,
 *     panel: string,
 *     pieces: list<PlacedOutline>,
 *     dots: list<TrimmingDot>,
 *     fault: string|null,
 * }
 */
final class ArrangementView
{
    /** @return DrawnArrangement */
    public static function of(Arrangement $arrangement, Size $front, Unit $unit): array
    {
        $drawn = [
            'key' => $arrangement->key,
            'name' => $arrangement->name,
            'family' => $arrangement->family->value,
            'front' => GoodView::size($front),
            'panel' => '',
            'pieces' => [],
            'dots' => [],
            'fault' => null,
        ];
        try {
            $group = Sample::of($arrangement, $front, $unit);
        } catch (Refusal $cannot) {
            return [...$drawn, 'fault' => $cannot->getMessage()];
        }
        $dot = static fn (array $one): array => ['x' => $one[0], 'y' => $one[1], 'half' => $one[2]];

        return [
            ...$drawn,
            'panel' => OutlinePath::of(Outline::rect($group->panel)),
            'pieces' => array_map(static fn (Placed $piece): array => [
                'id' => $piece->part(),
                'name' => $piece->stand->name,
                'd' => OutlinePath::of($piece->outline),
                'role' => str_replace(' ', '-', $piece->stand->stands->value),
            ], array_values($group->pieces)),
            'dots' => array_map($dot, $group->dots),
        ];
    }
}
