<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** Tags: two corners cut off, and a hole for the twine. */
final class TagParts implements PartKind
{
    public function on(Table $table): array
    {
        $size = Size::of(Measures::length($table->unit, '1 1/2', '40'), Measures::length($table->unit, '3', '75'));

        return [StandardPart::of('tag', $size, mayTurn: false, how: 'with two corners off and a hole')];
    }
}
