<?php

namespace App\Table;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The cards of all kits on the shelf as plain rows, each with the names of what it takes as "goods", since ten years of
 * them are many.
 */
final class CardRows
{
    /** @param  string  $columns  beside the names of the goods */
    public static function of(string $columns): Builder
    {
        return DB::table('cards')
            ->join('kits', 'kits.id', '=', 'cards.kit_id')
            ->leftJoin('takings', 'takings.card_id', '=', 'cards.id')
            ->leftJoin('components', 'components.id', '=', 'takings.component_id')
            ->where('kits.is_deleted', false)
            ->groupBy('cards.id')
            ->selectRaw("$columns, group_concat(components.name, ' ') as goods");
    }
}
