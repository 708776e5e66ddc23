<?php

namespace App\Frame;

use App\Journal\Act;
use App\Models\Kit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** What the head of a page says of a kit, read in one query. */
final readonly class KitHead
{
    /**
     * @param  array<string, array<string, int>>  $counted  by stage
     * @param  array{undo: string|null, redo: string|null}  $acts
     */
    private function __construct(public array $counted, public array $acts)
    {
    }

    /**
     * @param  list<Stage>  $stages
     * @param  array{undo: Builder<Act>, redo: Builder<Act>}  $acts  the names of those that are next
     */
    public static function of(Kit $kit, array $stages, array $acts): self
    {
        $all = DB::query();
        foreach ($acts as $name => $act) {
            $all->selectSub($act, $name);
        }
        foreach ($stages as $stage) {
            foreach ($stage->counts($kit) as $name => $count) {
                $all->selectSub($count, "{$stage->key()}/$name");
            }
        }
        $row = (array) $all->first();
        $counted = [];
        foreach (array_diff_key($row, $acts) as $place => $number) {
            [$stage, $name] = explode('/', $place);
            $counted[$stage][$name] = (int) $number;
        }

        return new self($counted, ['undo' => $row['undo'], 'redo' => $row['redo']]);
    }
}
