<?php

namespace App\Models;

use App\Journal\Act;
use App\Journal\Moved;
use App\Journal\Subject;
use Illuminate\Support\Facades\DB;

/**
 * The revisions of kits, by what an act really touched: the kit it was done on, every kit of which a record changed, and all
 * kits where that was the stash, since every kit shows it and may take from it.
 *
 * Beside the revision stands how often what lies on the table has moved. It stays where only prices were written: what was
 * searched for holds as before.
 */
final class KitsMoved implements Moved
{
    /** The columns that no search goes by, by table. */
    private const IDLE = [
        'components' => ['price_minor', 'priced_of', 'updated_at'],
        'kits' => ['currency', 'revision', 'moves', 'updated_at'],
    ];

    public function by(Act $act, ?Subject $on): void
    {
        $kits = [...self::touched($act), ...$on === null ? [] : [$on->subject()]];
        if ($kits === []) {
            return;
        }
        $stash = Kit::query()->where('is_stash', true)->value('id');
        $query = in_array($stash, $kits, true) ? Kit::query() : Kit::query()->whereKey($kits);
        $query->toBase()->update([
            'revision' => DB::raw('revision + 1'),
            ...self::isIdle($act) ? [] : ['moves' => DB::raw('moves + 1')],
        ]);
        $on?->reread();
    }

    /** @return list<int> the kits of which records changed */
    private static function touched(Act $act): array
    {
        $in = static fn (string $column): string => "json_extract(coalesce(after, before), '$.$column')";
        $rows = DB::table('changes')
            ->where('act_id', $act->id)
            ->distinct()
            ->selectRaw("case when table_name = 'kits' then row_id else {$in('kit_id')} end as kit")
            ->selectRaw("{$in('component_id')} as component, {$in('card_id')} as card, {$in('sheet_id')} as sheet")
            ->get();
        $ids = static fn (string $column): array => array_values(array_unique(array_filter($rows->pluck($column)->all())));
        $components = $ids('component');
        $sheets = $ids('sheet');
        $cards = $ids('card');
        $kits = $ids('kit');
        if ($sheets !== []) {
            array_push($components, ...DB::table('sheets')->whereIn('id', $sheets)->distinct()->pluck('component_id')->all());
        }
        if ($components !== []) {
            array_push($kits, ...DB::table('components')->whereIn('id', $components)->distinct()->pluck('kit_id')->all());
        }
        if ($cards !== []) {
            array_push($kits, ...DB::table('cards')->whereIn('id', $cards)->distinct()->pluck('kit_id')->all());
        }

        return array_values(array_unique(array_map(intval(...), $kits)));
    }

    /** Nothing changed that a search goes by. */
    private static function isIdle(Act $act): bool
    {
        $changes = DB::table('changes')->where('act_id', $act->id)->limit(3)->get();
        foreach ($changes as $change) {
            $before = json_decode((string) $change->before, true);
            $after = json_decode((string) $change->after, true);
            if (! is_array($before) || ! is_array($after)) {
                return false;
            }
            $isOther = static fn (string $column): bool => ($before[$column] ?? null) !== ($after[$column] ?? null);
            if (array_diff(array_filter(array_keys($after), $isOther), self::IDLE[$change->table_name] ?? []) !== []) {
                return false;
            }
        }

        return $changes->isNotEmpty() && $changes->count() < 3;
    }
}
