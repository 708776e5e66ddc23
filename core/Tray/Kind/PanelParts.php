<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\Slots;

/** Panels, mats and labels of the kit's sketches, in their exact cut size. */
final class PanelParts implements PartKind
{
    public function on(Table $table): array
    {
        return Slots::on($table)->parts('panel');
    }
}
