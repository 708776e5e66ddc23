<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** What the available dies and punches cut from a scrap that is large enough. */
final class ShapeParts implements PartKind
{
    public function on(Table $table): array
    {
        $parts = [];
        foreach ($table->components as $component) {
            $good = $component->good;
            $isCutter = $good instanceof Tool && in_array($good->tool, [ToolKind::Die, ToolKind::Punch], true);
            if ($isCutter && $good->makes !== null && $table->offers($component->id)) {
                $parts[] = self::part($component, $good, $good->makes);
            }
        }

        return $parts;
    }

    private static function part(Component $component, Tool $tool, Size $makes): StandardPart
    {
        return StandardPart::of(
            $tool->shape->value ?? 'shape',
            $makes,
            mayTurn: ! $tool->directional,
            how: 'with '.lcfirst($component->name),
        );
    }
}
