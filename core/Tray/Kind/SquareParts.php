<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\CutFrom;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** Squares of a print, each for a mat a quarter of an inch larger. */
final class SquareParts implements PartKind
{
    private const SIDES = [['1', '25'], ['1 1/2', '40'], ['2', '50']];

    public function on(Table $table): array
    {
        return array_map(
            static fn (Size $size): StandardPart => StandardPart::of(
                'square',
                $size,
                CutFrom::Printed,
                how: Measures::forMat($size, $table->unit),
            ),
            self::sizes($table),
        );
    }

    /** @return list<Size> */
    public static function sizes(Table $table): array
    {
        return array_map(static fn (array $side): Size => Measures::square($table->unit, ...$side), self::SIDES);
    }
}
