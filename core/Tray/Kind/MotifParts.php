<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\CutFrom;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** Motifs of a print, cut out along their outline. Each such square holds at least one. */
final class MotifParts implements PartKind
{
    public function on(Table $table): array
    {
        return [StandardPart::of('motif', Motif::cutOut($table->unit), CutFrom::Pictured, how: 'cut out by hand')];
    }
}
