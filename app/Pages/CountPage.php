<?php

namespace App\Pages;

use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Measure\Length;

/** The packing list line by line, to be counted. */
final class CountPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $own = $state->components->where('kit_id', $kit->id);
        $stash = $kit->is_stash ? null : Kit::stash();

        return [
            'lines' => array_values($own->map(static fn (Component $component): array => [
                'id' => $component->id,
                'good' => $component->coreId(),
                'listed' => $component->listed,
                'here' => $state->hereOf($component),
                'said' => Wording::count($state->core[$component->coreId()], $component->listed, $kit->unit),
                'hereSaid' => Wording::count($state->core[$component->coreId()], $state->hereOf($component), $kit->unit),
                'isCounted' => $component->is_counted,
                'isByLength' => $component->kind->isByLength(),
                'isCountable' => ! $state->core[$component->coreId()]->isEndless(),
                'figure' => self::figure($component, $component->listed, $kit),
                'hereFigure' => self::figure($component, $state->hereOf($component), $kit),
            ])->all()),
            'goods' => GoodView::all($own->map(static fn (Component $component) => $state->core[$component->coreId()])),
            'report' => self::report($kit, $state),
            'others' => $kit->is_stash
                ? Kit::query()->where('is_stash', false)->where('is_deleted', false)->orderBy('id')->get(['id', 'name'])->toArray()
                : ($stash === null ? [] : [['id' => $stash->id, 'name' => $stash->name]]),
        ];
    }

    /** What is typed for this number: a length for ribbon, a count for the rest. */
    private static function figure(Component $component, int $count, Kit $kit): string
    {
        return $component->kind->isByLength() ? Length::ofUnits(max(0, $count))->exact($kit->unit) : (string) $count;
    }

    /** The list to send to the maker of the kit, or nothing when all is there. */
    private static function report(Kit $kit, TableState $state): string
    {
        $lines = [];
        $own = $state->components->where('kit_id', $kit->id);
        foreach (LedgerEntry::query()->whereIn('component_id', $own->keys()->all())->whereIn('reason', ['lost', 'spoiled', 'found'])->orderBy('id')->get() as $entry) {
            $component = $own->get($entry->component_id);
            if ($component === null) {
                continue;
            }
            $said = ['lost' => 'missing', 'spoiled' => 'bent or damaged', 'found' => 'more than listed'][$entry->reason->value] ?? '';
            $lines[] = sprintf('- %s: %s %s (listed: %s)%s', $component->name, Wording::count($state->core[$component->coreId()], abs($entry->delta), $kit->unit), $said, Wording::count($state->core[$component->coreId()], $component->listed, $kit->unit), $entry->note === '' ? '' : ", $entry->note");
        }

        return $lines === [] ? '' : "$kit->name, as unpacked:\n".implode("\n", $lines);
    }
}
