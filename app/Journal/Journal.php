<?php

namespace App\Journal;

use App\Models\Act;
use App\Models\Change;
use App\Models\Kit;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * Every act on the table: one transaction, one name, and every row it touched as it was before and after.
 *
 * Taking an act back puts the rows as they were before; doing it again puts them as they were after. Either is refused
 * when a row no longer is as the act left it.
 */
final class Journal
{
    private ?Act $act = null;

    /**
     * @template T
     *
     * @param  int|null  $revision  the revision of the kit that the page was made from; null where no page was
     * @param  Closure(): T  $do
     * @return T
     *
     * @throws StaleTable when the kit has changed since that revision
     */
    public function act(Kit $kit, string $name, ?int $revision, Closure $do): mixed
    {
        return DB::transaction(function () use ($kit, $name, $revision, $do): mixed {
            $this->refuseStale($kit, $revision);
            Act::query()->where('kit_id', $kit->id)->where('is_undone', true)->get()->each->delete();

            return $this->under(Act::query()->create(['kit_id' => $kit->id, 'name' => $name]), function () use ($kit, $do): mixed {
                $done = $do();
                $this->advance($kit);

                return $done;
            });
        });
    }

    /**
     * The same, or a part of the act that is under way.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     *
     * @throws StaleTable when the kit has changed since that revision
     */
    public function within(Kit $kit, string $name, ?int $revision, Closure $do): mixed
    {
        return $this->act === null ? $this->act($kit, $name, $revision, $do) : $do();
    }

    /**
     * An act on the shelf rather than on one kit, such as bringing a kit in.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    public function actOnShelf(string $name, Closure $do): mixed
    {
        return DB::transaction(function () use ($name, $do): mixed {
            Act::query()->whereNull('kit_id')->where('is_undone', true)->get()->each->delete();

            return $this->under(Act::query()->create(['kit_id' => null, 'name' => $name]), $do);
        });
    }

    /** @throws CannotUndo|StaleTable */
    public function undo(?Kit $kit, ?int $revision = null): Act
    {
        return DB::transaction(function () use ($kit, $revision): Act {
            $this->refuseStale($kit, $revision);
            $act = $this->acts($kit)->where('is_undone', false)->latest('id')->first() ?? throw CannotUndo::nothing();
            $changes = Change::query()->where('act_id', $act->id)->orderByDesc('id')->get();
            foreach ($changes as $change) {
                $this->put($act, $change, $change->after, $change->before);
            }

            return $this->mark($act, $kit, true);
        });
    }

    /** @throws CannotUndo|StaleTable */
    public function redo(?Kit $kit, ?int $revision = null): Act
    {
        return DB::transaction(function () use ($kit, $revision): Act {
            $this->refuseStale($kit, $revision);
            $act = $this->acts($kit)->where('is_undone', true)->oldest('id')->first() ?? throw CannotUndo::nothingAgain();
            foreach (Change::query()->where('act_id', $act->id)->orderBy('id')->get() as $change) {
                $this->put($act, $change, $change->before, $change->after);
            }

            return $this->mark($act, $kit, false);
        });
    }

    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     */
    public function note(Model $record, ?array $before, ?array $after): void
    {
        if ($this->act !== null) {
            Change::query()->create([
                'act_id' => $this->act->id,
                'table_name' => $record->getTable(),
                'row_id' => $record->getKey(),
                'before' => $before,
                'after' => $after,
            ]);
        }
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    private function under(Act $act, Closure $do): mixed
    {
        $this->act = $act;
        try {
            return $do();
        } finally {
            $this->act = null;
        }
    }

    private function refuseStale(?Kit $kit, ?int $revision): void
    {
        if ($kit !== null && $revision !== null && Kit::query()->whereKey($kit->id)->value('revision') !== $revision) {
            throw StaleTable::since($kit);
        }
    }

    /** The revision is no part of the act: it only ever grows, also when an act is taken back. */
    private function advance(Kit $kit): void
    {
        Kit::query()->whereKey($kit->id)->increment('revision');
        if ($kit->uses_stash) {
            Kit::query()->where('is_stash', true)->whereKeyNot($kit->id)->increment('revision');
        }
        $kit->refresh();
    }

    /** @return Builder<Act> */
    private function acts(?Kit $kit): Builder
    {
        return $kit === null ? Act::query()->whereNull('kit_id') : Act::query()->where('kit_id', $kit->id);
    }

    private function mark(Act $act, ?Kit $kit, bool $isUndone): Act
    {
        $act->update(['is_undone' => $isUndone]);
        if ($kit !== null) {
            $this->advance($kit);
        }

        return $act;
    }

    /**
     * @param  array<string, mixed>|null  $from
     * @param  array<string, mixed>|null  $to
     *
     * @throws CannotUndo when the row is no longer as $from says, or other rows hang on it
     */
    private function put(Act $act, Change $change, ?array $from, ?array $to): void
    {
        $row = DB::table($change->table_name)->where('id', $change->row_id);
        if (self::same($row->first(), $from) === false) {
            throw CannotUndo::builtUpon($act->name);
        }
        try {
            match (true) {
                $from === null => DB::table($change->table_name)->insert($to ?? []),
                $to === null => $row->delete(),
                // The revision only grows: a page from before the act must not pass for one from after it.
                default => $row->update(array_diff_key($to, ['revision' => true])),
            };
        } catch (QueryException) {
            throw CannotUndo::builtUpon($act->name);
        }
    }

    /** @param  array<string, mixed>|null  $noted */
    private static function same(?object $row, ?array $noted): bool
    {
        if ($row === null || $noted === null) {
            return $row === null && $noted === null;
        }
        // The revision of a kit moves with every act and is never part of one.
        $is = array_diff_key((array) $row, ['revision' => true, 'updated_at' => true]);
        $was = array_diff_key($noted, ['revision' => true, 'updated_at' => true]);

        return array_intersect_key($is, $was) == $was;
    }
}
