<?php

namespace App\Table;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use Illuminate\Support\Collection;

/** Whether a table adds up: no paper lost or gained, nothing taken twice, every piece planned once. */
final readonly class Balances
{
    /**
     * @param  bool  $mayBeShort  after an act that may take more than there is
     * @return list<string> what does not
     */
    public static function faults(Kit $kit, bool $mayBeShort = false): array
    {
        $state = TableState::of($kit->refresh());
        $faults = [];
        foreach ($state->table()->free as $component => $left) {
            if ($left < 0 && ! $mayBeShort && ! $state->core[$component]->isEndless()) {
                $faults[] = "{$state->core[$component]->name} is overdrawn by $left.";
            }
        }
        foreach ($state->components->filter(static fn (Component $one): bool => $one->kind->isSheets()) as $component) {
            array_push($faults, ...self::sheets($component, $mayBeShort));
        }

        return $faults;
    }

    /** @return list<string> */
    private static function sheets(Component $component, bool $mayBeShort): array
    {
        $sheets = Sheet::query()->where('component_id', $component->id)->with('plan')->get();
        $whole = $sheets->where('is_whole', true);
        // A middle that was cut out is part of the piece it came from.
        $pieces = $sheets->where('state', SheetState::Piece)->pluck('id')->all();
        $sheets = $sheets->reject(static fn (Sheet $sheet): bool => in_array($sheet->parent_id, $pieces, true));
        $was = self::area($whole->where('state', '!==', SheetState::Spoiled));
        $is = self::area($sheets->whereIn('state', [SheetState::Open, SheetState::Piece]))
            + self::area($sheets->where('state', SheetState::Spoiled)->where('is_whole', false));
        $listed = (int) $component->ledger()->sum('delta');
        $there = $whole->whereIn('state', [SheetState::Open, SheetState::Parted])->count();

        return [
            ...($was === $is ? [] : ["Of $component->name $was square units are $is now."]),
            ...($listed === $there ? [] : ["The ledger says $listed of $component->name, and $there are there."]),
            ...self::planned($component, $sheets, $mayBeShort),
        ];
    }

    /**
     * @param  Collection<int, Sheet>  $sheets
     * @return list<string>
     */
    private static function planned(Component $component, Collection $sheets, bool $mayBeShort): array
    {
        $planned = [];
        foreach ($sheets->where('state', SheetState::Open) as $sheet) {
            foreach ($sheet->plan?->setRelation('sheet', $sheet)->toCore()->pieces() ?? [] as $leaf) {
                $planned[] = (int) $leaf->piece;
            }
        }
        $wanted = Taking::query()->where('component_id', $component->id)->whereNotNull('width')->whereNull('sheet_id')->pluck('id')->all();
        $faults = [];
        if (count($planned) !== count(array_unique($planned))) {
            $faults[] = "A piece of $component->name is planned twice.";
        }
        if (array_diff($planned, $wanted) !== []) {
            $faults[] = "A piece of $component->name is planned for no card.";
        }
        if (! $mayBeShort && array_diff($wanted, $planned) !== []) {
            $faults[] = "A piece of $component->name is not planned.";
        }

        return $faults;
    }

    /** @param  Collection<int, Sheet>  $sheets */
    private static function area(Collection $sheets): int
    {
        return $sheets->reduce(static fn (int $sum, Sheet $sheet): int => $sum + $sheet->width * $sheet->height, 0);
    }
}
