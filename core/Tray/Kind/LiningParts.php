<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\CutFrom;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** A lining for each kind of envelope without one. It is a little smaller all round, so that it slides in. */
final class LiningParts implements PartKind
{
    public function on(Table $table): array
    {
        $parts = [];
        $less = Measures::reveal($table->unit)->times(2);
        foreach ($table->components as $component) {
            $good = $component->good;
            if ($good instanceof Envelope && $good->liner === null && $good->size->shorter()->isLongerThan($less)) {
                $size = Size::of($good->size->width->minus($less), $good->size->height->minus($less));
                $parts[] = StandardPart::of('lining', $size, CutFrom::Thin, how: 'for the envelope');
            }
        }

        return $parts;
    }
}
