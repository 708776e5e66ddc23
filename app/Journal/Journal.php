<?php

namespace App\Journal;

use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * Every act on the table: one transaction, one name, and every changed row before and after.
 *
 * Undo puts the rows as they were before, and redo as they were after. Either is refused if a row is no longer as the
 * act left it.
 *
 * The names of the acts that are next:
 *
 * @phpstan-type UndoRedo array{undo: string|null, redo: string|null}
 */
final class Journal
{
    /** Columns that only grow. Undo leaves them. */
    private const GROWS = ['revision' => true, 'moves' => true];

    private ?Act $act = null;

    public function __construct(private readonly Moved $moved)
    {
    }

    /**
     * @template T
     *
     * @param  int|null  $revision  the revision of the kit that the page was made from; null where no page was
     * @param  Closure(): T  $do
     * @return T
     *
     * @throws StaleTable when the kit has changed since that revision
     */
    public function act(Subject $on, string $name, ?int $revision, Closure $do): mixed
    {
        return DB::transaction(function () use ($on, $name, $revision, $do): mixed {
            $this->refuseStale($on, $revision);
            Act::query()->where('kit_id', $on->subject())->where('is_undone', true)->get()->each->delete();

            return $this->under(Act::query()->create(['kit_id' => $on->subject(), 'name' => $name]), $on, $do);
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
    public function within(Subject $on, string $name, ?int $revision, Closure $do): mixed
    {
        return $this->act === null ? $this->act($on, $name, $revision, $do) : $do();
    }

    /**
     * An act on the shelf instead of one kit, such as bringing a kit in.
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

            return $this->under(Act::query()->create(['kit_id' => null, 'name' => $name]), null, $do);
        });
    }

    /** @throws CannotUndo|StaleTable */
    public function undo(?Subject $on, ?int $revision = null): Act
    {
        return DB::transaction(function () use ($on, $revision): Act {
            $this->refuseStale($on, $revision);
            $act = $this->acts($on)->where('is_undone', false)->latest('id')->first() ?? throw CannotUndo::nothing();
            foreach (Change::query()->where('act_id', $act->id)->lazyByIdDesc() as $change) {
                $this->put($act, $change, $change->after, $change->before);
            }

            return $this->mark($act, $on, true);
        });
    }

    /** @throws CannotUndo|StaleTable */
    public function redo(?Subject $on, ?int $revision = null): Act
    {
        return DB::transaction(function () use ($on, $revision): Act {
            $this->refuseStale($on, $revision);
            $act = $this->acts($on)->where('is_undone', true)->oldest('id')->first() ?? throw CannotUndo::nothingAgain();
            foreach (Change::query()->where('act_id', $act->id)->lazyById() as $change) {
                $this->put($act, $change, $change->before, $change->after);
            }

            return $this->mark($act, $on, false);
        });
    }

    /** @return UndoRedo */
    public function atHand(?Subject $on): array
    {
        return array_map(static fn (Builder $act): ?string => $act->value('name'), $this->names($on));
    }

    /** @return array{undo: Builder<Act>, redo: Builder<Act>} to be asked for their names */
    public function names(?Subject $on): array
    {
        return [
            'undo' => $this->acts($on)->where('is_undone', false)->latest('id')->limit(1)->select('name'),
            'redo' => $this->acts($on)->where('is_undone', true)->oldest('id')->limit(1)->select('name'),
        ];
    }

    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     */
    public function note(Model $record, ?array $before, ?array $after): void
    {
        if ($this->act !== null && ! ($after === null && $this->isGone($this->act, $record))) {
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
     * Notes records that are written many at a time, without their models.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    public function noteWritten(string $table, array $rows): void
    {
        $act = $this->act;
        $changes = $act === null ? [] : array_map(
            static fn (array $row): array => [
                'act_id' => $act->id,
                'table_name' => $table,
                'row_id' => $row['id'],
                'after' => json_encode($row, JSON_THROW_ON_ERROR),
            ],
            $rows,
        );
        Change::query()->insert($changes);
    }

    /** The act has already deleted it, so it is not noted again. */
    private function isGone(Act $act, Model $record): bool
    {
        $last = Change::query()
            ->where('act_id', $act->id)
            ->where('table_name', $record->getTable())
            ->where('row_id', $record->getKey())
            ->latest('id')
            ->first();

        return $last !== null && $last->after === null;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    private function under(Act $act, ?Subject $on, Closure $do): mixed
    {
        $this->act = $act;
        try {
            $done = $do();
        } finally {
            $this->act = null;
        }
        $this->moved->by($act, $on);

        return $done;
    }

    private function refuseStale(?Subject $on, ?int $revision): void
    {
        if ($on !== null && $revision !== null && $on->revisionNow() !== $revision) {
            throw StaleTable::since($on);
        }
    }

    /** @return Builder<Act> */
    private function acts(?Subject $on): Builder
    {
        return $on === null ? Act::query()->whereNull('kit_id') : Act::query()->where('kit_id', $on->subject());
    }

    private function mark(Act $act, ?Subject $on, bool $isUndone): Act
    {
        $act->update(['is_undone' => $isUndone]);
        $this->moved->by($act, $on);

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
            throw $this->builtUpon($act, $change);
        }
        try {
            match (true) {
                $from === null => DB::table($change->table_name)->insert($to ?? []),
                $to === null => $row->delete(),
                // The revision only grows: a page from before the act must not pass for one from after it.
                default => $row->update(array_diff_key($to, self::GROWS)),
            };
        } catch (QueryException) {
            throw $this->builtUpon($act, $change);
        }
    }

    /** Says what was done to the same thing since, and with which kit, if that is known. */
    private function builtUpon(Act $act, Change $change): CannotUndo
    {
        $same = Change::query()->where(['table_name' => $change->table_name, 'row_id' => $change->row_id])->select('act_id');
        $since = Act::query()->whereIn('id', $same)->where('id', '>', $act->id)->where('is_undone', false)->latest('id')->first();
        $kit = $since?->kit_id === $act->kit_id ? null : DB::table('kits')->where('id', $since?->kit_id)->value('name');

        return CannotUndo::builtUpon($act->name, $since?->name, is_string($kit) ? $kit : null);
    }

    /** @param  array<string, mixed>|null  $noted */
    private static function same(?object $row, ?array $noted): bool
    {
        if ($row === null || $noted === null) {
            return $row === null && $noted === null;
        }
        // The revision of a kit changes with every act and is never part of one.
        $was = array_diff_key($noted, [...self::GROWS, 'updated_at' => true]);
        $is = array_intersect_key((array) $row, $was);
        foreach ($is as $column => $value) {
            if (self::kept($value) !== self::kept($was[$column])) {
                return false;
            }
        }

        return count($is) === count($was);
    }

    /** A value in the type it is stored in: the database has no booleans, and distinguishes text and numbers. */
    private static function kept(mixed $value): ?string
    {
        return match (true) {
            $value === null => null,
            is_bool($value) => (string) (int) $value,
            is_scalar($value) => (string) $value,
            default => json_encode($value, JSON_THROW_ON_ERROR),
        };
    }
}
