<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\CutFrom;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** A panel to write on, inside the card. */
final class InsideParts implements PartKind
{
    public function on(Table $table): array
    {
        $less = Measures::reveal($table->unit)->times(2);
        $size = Size::of($table->front->width->minus($less), $table->front->height->minus($less));

        return [StandardPart::of('inside panel', $size, CutFrom::Writable)];
    }
}
