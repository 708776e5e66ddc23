<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\Slots;
use KeepShare\Core\Tray\StandardPart;

/**
 * Strips of the sketches, and strips for any card: two inches wide and as long as the front, one inch wide across or
 * down, and short ones for a mat.
 */
final class StripParts implements PartKind
{
    public function on(Table $table): array
    {
        $unit = $table->unit;
        [$broad, $narrow] = [Measures::length($unit, '2', '50'), Measures::length($unit, '1', '25')];
        $matted = Size::of($narrow, Measures::length($unit, '3 1/2', '90'));

        return [
            StandardPart::of('strip', Size::of($broad, $table->front->longer())),
            StandardPart::of('strip', Size::of($narrow, $table->front->longer())),
            StandardPart::of('strip', Size::of($narrow, $table->front->shorter())),
            StandardPart::of('strip', $matted, how: Measures::forMat($matted, $unit)),
            ...Slots::on($table)->parts('strip'),
        ];
    }
}
