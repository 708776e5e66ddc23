<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\CutFrom;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** Thin strips for a frame round a panel, two long and two short, from trimmed edges. */
final class FrameParts implements PartKind
{
    public const NOUN = 'frame strip';

    public function on(Table $table): array
    {
        $wide = Measures::length($table->unit, '1/4', '6');
        $less = Measures::reveal($table->unit)->times(2);
        $strip = static fn (Length $side): StandardPart => StandardPart::of(
            self::NOUN,
            Size::of($wide, $side->minus($less)),
            CutFrom::Plain,
            how: 'two long and two short to a frame',
        );

        return [$strip($table->front->longer()), $strip($table->front->shorter())];
    }
}
