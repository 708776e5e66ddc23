<?php

namespace App\Unpack;

use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Table\TableState;
use App\View\GoodView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Measure\Length;

/**
 * The packing list line by line, to be counted.
 *
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type CountLine array{
 *     id: int,
 *     good: string,
 *     listed: int,
 *     here: int, // that lie there to be counted
 *     onCards: string, // what is cut up or glued already, beside them; empty where nothing is
 *     differs: bool,
 *     said: string,
 *     hereSaid: string,
 *     isCounted: bool,
 *     fewer: int, // than listed, as counted
 *     why: string, // lost, damaged or not-as-listed
 *     note: string,
 *     isByLength: bool,
 *     isCountable: bool,
 *     figure: string,
 *     hereFigure: string,
 * }
 * @phpstan-type OtherKit array{id: int, name: string}
 */
final readonly class CountPage extends Page
{
    /**
     * @param  list<CountLine>  $lines
     * @param  Goods  $goods
     * @param  string  $report  what to send to the maker of the kit, or nothing when all is there
     * @param  list<OtherKit>  $others  where a line can be moved to
     */
    private function __construct(public array $lines, public array $goods, public string $report, public array $others)
    {
    }

    public static function of(Kit $kit): self
    {
        $state = TableState::of($kit);
        $own = $state->components->where('kit_id', $kit->id);
        $fewer = LedgerEntry::query()->whereIn('component_id', $own->keys())->whereIn('reason', LedgerReason::ofFewer())->get();
        $fewer = $fewer->keyBy('component_id');

        return new self(
            array_values($own->map(
                static fn (Component $one): array => self::line($one, $state, $fewer->get($one->id)),
            )->all()),
            GoodView::all($own->map(static fn (Component $one) => $state->core[$one->coreId()])),
            self::report($state),
            self::others($kit),
        );
    }

    /** @return CountLine */
    private static function line(Component $component, TableState $state, ?LedgerEntry $fewer): array
    {
        $core = $state->core[$component->coreId()];
        $here = $state->lyingOf($component);
        $onCards = $state->hereOf($component) - $here;
        $unit = $state->kit->unit;

        return [
            'id' => $component->id,
            'good' => $component->coreId(),
            'listed' => $component->listed,
            'here' => $here,
            'onCards' => $onCards === 0
                ? ''
                : Wording::count($core, $onCards, $unit).($component->kind->isSheets() ? ' cut' : ' on cards'),
            'differs' => $here + $onCards !== $component->listed && ! $core->isEndless(),
            'said' => Wording::count($core, $component->listed, $unit),
            'hereSaid' => Wording::count($core, $here, $unit),
            'isCounted' => $component->is_counted,
            'fewer' => abs($fewer->delta ?? 0),
            'why' => ($fewer->reason ?? LedgerReason::Lost)->value,
            'note' => $fewer->note ?? '',
            'isByLength' => $component->kind->isByLength(),
            'isCountable' => ! $core->isEndless(),
            'figure' => self::figure($component, $component->listed - $onCards, $state->kit),
            'hereFigure' => self::figure($component, $here, $state->kit),
        ];
    }

    /** What is typed for this number: a length for ribbon, a count for the rest. */
    private static function figure(Component $component, int $count, Kit $kit): string
    {
        return $component->kind->isByLength() ? Length::ofUnits(max(0, $count))->exact($kit->unit) : (string) $count;
    }

    /** @return list<OtherKit> */
    private static function others(Kit $kit): array
    {
        $others = Kit::query()->where('is_deleted', false)->where('is_stash', ! $kit->is_stash)->orderBy('id')->get();

        return array_values($others->map(static fn (Kit $one): array => ['id' => $one->id, 'name' => $one->name])->all());
    }

    private static function report(TableState $state): string
    {
        $own = $state->components->where('kit_id', $state->kit->id);
        $entries = LedgerEntry::query()
            ->whereIn('component_id', $own->keys()->all())
            ->whereIn('reason', LedgerReason::ofCounting())
            ->orderBy('id')
            ->get();
        $lines = [];
        foreach ($entries as $entry) {
            $component = $own->get($entry->component_id);
            if ($component !== null) {
                $lines[] = self::reported($entry, $component, $state);
            }
        }

        return $lines === [] ? '' : "{$state->kit->name}, as unpacked:\n".implode("\n", $lines);
    }

    private static function reported(LedgerEntry $entry, Component $component, TableState $state): string
    {
        $core = $state->core[$component->coreId()];
        $unit = $state->kit->unit;

        return sprintf(
            '- %s: %s %s (listed: %s)%s',
            $component->name,
            Wording::count($core, abs($entry->delta), $unit),
            $entry->reason->says(),
            Wording::count($core, $component->listed, $unit),
            $entry->note === '' ? '' : ", $entry->note",
        );
    }
}
