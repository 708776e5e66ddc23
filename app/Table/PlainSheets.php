<?php

namespace App\Table;

use App\Models\CutPlan;
use App\Models\Sheet;
use App\Models\SheetState;
use Illuminate\Database\Eloquent\Builder;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;

/** Whole sheets as they came: without a blemish, with nothing cut and nothing to be cut. */
final class PlainSheets
{
    private const IS = "is_whole = 1 and state = '".SheetState::Open->value."' and blemishes is null";

    /**
     * They are read as a group, since there may be thousands.
     *
     * @param  array<array-key, int|string>  $components
     * @return array<int, array<int, Stock>> by component and id
     */
    public static function of(array $components): array
    {
        $groups = Sheet::query()
            ->toBase()
            ->whereIn('component_id', $components)
            ->whereRaw(self::IS)
            ->whereNotIn('id', CutPlan::query()->select('sheet_id'))
            ->groupBy('component_id', 'width', 'height')
            ->selectRaw('component_id, width, height, group_concat(id) as ids')
            ->get();
        $plain = [];
        foreach ($groups as $group) {
            $size = Size::ofUnits((int) $group->width, (int) $group->height);
            foreach (explode(',', $group->ids) as $id) {
                $plain[(int) $group->component_id][(int) $id] = Stock::sheet($id, $size);
            }
        }

        return $plain;
    }

    /**
     * @param  Builder<Sheet>  $sheets
     * @return Builder<Sheet> those that are not plain
     */
    public static function others(Builder $sheets): Builder
    {
        return $sheets->where(static fn (Builder $one): Builder => $one
            ->whereRaw('not ('.self::IS.')')
            ->orWhereIn('id', CutPlan::query()->select('sheet_id')));
    }
}
