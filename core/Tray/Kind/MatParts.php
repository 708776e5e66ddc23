<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\CutFrom;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** Mats of cardstock for the standard squares and short strips. */
final class MatParts implements PartKind
{
    public function on(Table $table): array
    {
        $strip = Size::of(Measures::length($table->unit, '1', '25'), Measures::length($table->unit, '3 1/2', '90'));

        return array_map(
            static fn (Size $size): StandardPart => StandardPart::of('mat', $size->grown(Measures::reveal($table->unit)), CutFrom::Plain),
            [...SquareParts::sizes($table), $strip],
        );
    }
}
