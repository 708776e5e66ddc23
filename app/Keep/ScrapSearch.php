<?php

namespace App\Keep;

use App\Models\Component;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Tray\Find;

/**
 * Searches all kits and the stash. The nearest colour comes first, then the least waste.
 *
 * Ten years of kits are tens of thousands of sheets. They are read as plain rows, each good is judged once however many
 * kits have it, and only what is shown becomes a record.
 *
 * @phpstan-type SheetRow object{
 *     id: int,
 *     width: int,
 *     height: int,
 *     part: string|null,
 *     is_whole: int,
 *     kind: string,
 *     name: string,
 *     details: string,
 *     from: string,
 * }
 */
final class ScrapSearch
{
    /** Nobody looks through more results than this. */
    private const MOST = 60;

    /** A greater distance from the colour asked for is another colour. */
    private const ANOTHER = 40;

    /** @var array<string, array{int, float, Motif}|null> the face that would be shown, how far it is, its print, by what it is of */
    private array $known = [];

    private function __construct(private readonly Find $find)
    {
    }

    public static function for(Find $find): Finds
    {
        return (new self($find))->found();
    }

    private function found(): Finds
    {
        $ids = $faces = $apart = $whole = $areas = [];
        foreach ($this->rows() as $row) {
            [$width, $height] = [(int) $row->width, (int) $row->height];
            $shown = $this->shownOf($row);
            $isOne = $shown !== null
                && $shown[1] <= self::ANOTHER
                && $this->find->takesPart($row->part, Size::ofUnits($width, $height), $shown[2]);
            if ($isOne) {
                $ids[] = (int) $row->id;
                $faces[(int) $row->id] = $shown[0];
                $apart[] = $shown[1];
                $whole[] = (int) $row->is_whole;
                $areas[] = $width * $height;
            }
        }
        array_multisort($apart, SORT_NUMERIC, $whole, SORT_NUMERIC, $areas, SORT_NUMERIC, $ids);
        $things = $this->things();

        return new Finds(
            self::records(array_slice($ids, 0, self::MOST), $faces),
            max(0, count($ids) - self::MOST),
            $things,
            $ids === [] && $things === [] ? $this->unknown() : [],
        );
    }

    /** @return list<FoundThing> ready-made things that are called so or have that shape, those of which there are most first */
    private function things(): array
    {
        $found = [];
        foreach ($this->goods() as $row) {
            if ($this->find->isThing(self::core($row), $row->from)) {
                $found[(int) $row->id] = $row->from;
            }
        }
        $things = [];
        foreach (Component::query()->whereKey(array_keys($found))->with('kit')->limit(self::MOST)->get() as $component) {
            $taken = (int) Taking::query()->where('component_id', $component->id)->sum('quantity');
            $left = TableState::hereNow($component) - $taken;
            if ($left > 0 || $component->toCore()->isEndless()) {
                $things[] = new FoundThing($component, $component->toCore()->isEndless() ? null : $left);
            }
        }
        usort($things, static fn (FoundThing $a, FoundThing $b): int => ($b->left ?? PHP_INT_MAX) <=> ($a->left ?? PHP_INT_MAX));

        return $things;
    }

    /** @return iterable<object{id: int, kind: string, name: string, details: string, from: string}> what is counted */
    private function goods(): iterable
    {
        if ($this->find->words === [] && $this->find->noun === null && $this->find->motif === null) {
            return [];
        }
        $sheets = array_filter(Kind::cases(), static fn (Kind $kind): bool => $kind->isSheets());

        /** @var iterable<object{id: int, kind: string, name: string, details: string, from: string}> */
        return DB::table('components')
            ->join('kits', 'kits.id', '=', 'components.kit_id')
            ->where('kits.is_deleted', false)
            ->whereNotIn('components.kind', array_column($sheets, 'value'))
            ->selectRaw('components.id, components.kind, components.name, components.details, kits.name as "from"')
            ->get();
    }

    /** @return list<string> the words that nothing there is in any kit is known by */
    private function unknown(): array
    {
        $texts = DB::table('components')
            ->join('kits', 'kits.id', '=', 'components.kit_id')
            ->where('kits.is_deleted', false)
            ->distinct()
            ->selectRaw('components.kind || \' \' || components.name || \' \' || components.details || \' \' || kits.name as text')
            ->pluck('text')
            ->all();

        return $this->find->unknown(...array_map(strval(...), array_values($texts)));
    }

    /** @return iterable<SheetRow> */
    private function rows(): iterable
    {
        $size = $this->find->size;
        $query = DB::table('sheets')
            ->join('components', 'components.id', '=', 'sheets.component_id')
            ->join('kits', 'kits.id', '=', 'components.kit_id')
            ->leftJoin('cut_plans', 'cut_plans.sheet_id', '=', 'sheets.id')
            ->where('sheets.state', SheetState::Open->value)
            ->whereNull('cut_plans.id')
            ->where('kits.is_deleted', false)
            // Whole sheets of one good are equal.
            ->groupByRaw('case when sheets.is_whole then -components.id else sheets.id end')
            ->selectRaw('sheets.id, sheets.width, sheets.height, sheets.part, sheets.is_whole, components.kind, components.name, '
                .'components.details, coalesce(sheets.came_from, kits.name) as "from"');
        if ($size !== null) {
            [$long, $short] = [$size->longer()->units, $size->shorter()->units];
            $query->whereRaw('max(sheets.width, sheets.height) >= ? and min(sheets.width, sheets.height) >= ?', [$long, $short]);
        }

        /** @var iterable<SheetRow> */
        return $this->narrowed($query)->get();
    }

    /** Filters by what the stored record can tell. */
    private function narrowed(Builder $query): Builder
    {
        if ($this->find->finish !== null) {
            $query->where('components.details', 'like', '%"'.$this->find->finish->value.'"%');
        }
        if ($this->find->motif !== null) {
            $query->where('components.details', 'like', '%"'.$this->find->motif->value.'"%');
        }

        return $query;
    }

    /**
     * @param  object{kind: string, name: string, details: string, from: string}  $row
     * @return array{int, float, Motif}|null the face, how far it is from the colour asked for, its print
     */
    private function shownOf(object $row): ?array
    {
        $key = $this->find->words === [] ? "$row->kind $row->details" : "$row->kind $row->details $row->name $row->from";
        if (! array_key_exists($key, $this->known)) {
            $component = self::core($row);
            $face = $this->find->faceOf($component, $row->from);
            $faces = $component->good instanceof SheetGood ? $component->good->faces() : [];
            $this->known[$key] = $face === null ? null : [$face, $this->find->apart($faces[$face]), $faces[$face]->motif];
        }

        return $this->known[$key];
    }

    /** @param  object{kind: string, name: string, details: string}  $row */
    private static function core(object $row): CoreComponent
    {
        return (new Component)
            ->setRawAttributes([
                'id' => 0,
                'key' => 'one',
                'kind' => $row->kind,
                'name' => $row->name,
                'details' => $row->details,
                'listed' => 0,
            ])
            ->toCore();
    }

    /**
     * @param  list<int>  $ids
     * @param  array<int, int>  $faces
     * @return list<FoundSheet> in this order
     */
    private static function records(array $ids, array $faces): array
    {
        $sheets = Sheet::query()->whereKey($ids)->with('component.kit')->get()->keyBy('id');
        $cores = [];
        $found = [];
        foreach ($ids as $id) {
            $sheet = $sheets->get($id);
            if ($sheet !== null) {
                $core = $cores[$sheet->component_id] ??= $sheet->component->toCore();
                $found[] = new FoundSheet($sheet, $core, $faces[$id]);
            }
        }

        return $found;
    }
}
