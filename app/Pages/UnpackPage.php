<?php

namespace App\Pages;

use App\Models\Component;
use App\Models\Kit;
use App\Table\TableState;
use App\Wording\Wording;

/** The packing list beside what is on the table. */
final class UnpackPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $own = $state->components->where('kit_id', $kit->id);
        $groups = array_map(static fn (array $group): array => [
            'title' => $group['title'],
            'lines' => array_map(static fn (Component $component): array => self::line($component, $state), $group['lines']),
        ], Wording::grouped($own, static fn (Component $component): Component => $component));

        return [
            'groups' => $groups,
            'goods' => GoodView::all($own->map(static fn (Component $component) => $state->core[$component->coreId()])),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Component $component, TableState $state): array
    {
        $core = $state->core[$component->coreId()];
        $here = $state->hereOf($component);
        $unit = $state->kit->unit;
        $words = $core->words();

        return [
            'id' => $component->coreId(),
            'size' => $core->good->extent()?->label($unit),
            'listed' => Wording::count($core, $component->listed, $unit),
            'here' => Wording::count($core, $here, $unit),
            'differs' => $here !== $component->listed && ! $core->isEndless(),
            'occasions' => $words === null ? [] : array_map(static fn ($occasion): string => $occasion->label(), $words->occasions),
        ];
    }
}
