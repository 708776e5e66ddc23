<?php

namespace App\Models;

use App\Journal\Act;
use App\Journal\Moved;
use App\Journal\Subject;
use Illuminate\Support\Facades\DB;

/**
 * Raises the revisions of kits by what an act really touched: the kit it was done on, every kit with a changed record,
 * and all kits if the stash changed, since every kit may use it.
 *
 * A second number counts how often the goods on the table have moved. It stays if only prices changed, so that search
 * results remain valid.
 */
final class KitsMoved implements Moved
{
    /** By table, the columns that no search uses. */
    private const IDLE = [
        'components' => ['price_minor', 'priced_of', 'updated_at'],
        'kits' => ['currency', 'revision', 'moves', 'updated_at'],
    ];

    /** The kits of the rows that an act changed, and those of the components, sheets and cards that these name. */
    private const TOUCHED = <<<'SQL'
        with rows as (select table_name, row_id, coalesce(after, before) as row from changes where act_id = ?),
        named as (
            select case when table_name = 'kits' then row_id else row ->> '$.kit_id' end as kit,
                row ->> '$.component_id' as component, row ->> '$.card_id' as card, row ->> '$.sheet_id' as sheet
            from rows
        )
        select kit from named where kit is not null
        union select kit_id from components where id in (
            select component from named
            union select component_id from sheets where id in (select sheet from named)
        )
        union select kit_id from cards where id in (select card from named)
        SQL;

    public function by(Act $act, ?Subject $on): void
    {
        $kits = [...self::touched($act), ...$on === null ? [] : [$on->subject()]];
        if ($kits === []) {
            return;
        }
        Kit::query()->toBase()
            ->whereIn('id', $kits)
            ->orWhereExists(DB::table('kits as stash')->where('is_stash', true)->whereIn('stash.id', $kits)->selectRaw('1'))
            ->update(['revision' => DB::raw('revision + 1'), ...self::isIdle($act) ? [] : ['moves' => DB::raw('moves + 1')]]);
        $on?->reread();
    }

    /** @return list<int> the kits of which records changed */
    private static function touched(Act $act): array
    {
        /** @var list<object{kit: int|string|null}> $rows */
        $rows = DB::select(self::TOUCHED, [$act->id]);

        return array_values(array_filter(array_map(static fn (object $row): int => (int) $row->kit, $rows)));
    }

    /** Whether nothing changed that a search uses. */
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
