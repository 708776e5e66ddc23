<?php

namespace App\Table;

use App\Models\Component;
use App\Models\Sheet;
use App\Models\SheetState;
use Illuminate\Database\Eloquent\Builder;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Tray\Find;

/** What of all kits and the stash answers to what is looked for, nearest in colour first, then what would waste the least. */
final readonly class ScrapSearch
{
    /** More than these nobody looks through. */
    private const MOST = 60;

    /** What is farther from the colour asked for than this is another colour. */
    private const ANOTHER = 40;

    private function __construct(public Sheet $sheet, public CoreComponent $component, public int $face, private float $apart)
    {
    }

    /** @return list<self> */
    public static function for(Find $find): array
    {
        $sheets = self::sheets($find);
        $components = self::components(array_keys($sheets));
        $found = [];
        foreach ($sheets as $id => $own) {
            [$record, $core] = $components[$id];
            $faces = $core->good instanceof SheetGood ? $core->good->faces() : [];
            $wholes = 0;
            foreach ($own as $sheet) {
                // Whole sheets are as good as one another.
                if ($sheet->is_whole && $wholes++ > 0) {
                    continue;
                }
                $face = $find->faceOf($core, $sheet->came_from ?? $record->kit->name);
                if ($face !== null && $find->takesPart($sheet->part, $sheet->size())) {
                    $found[] = new self($sheet->setRelation('component', $record), $core, $face, $find->apart($faces[$face]));
                }
            }
        }
        $near = array_filter($found, static fn (self $one): bool => $one->apart <= self::ANOTHER);
        $found = $near === [] ? $found : $near;
        usort($found, static fn (self $a, self $b): int => [$a->apart, $a->sheet->is_whole, $a->sheet->width * $a->sheet->height]
            <=> [$b->apart, $b->sheet->is_whole, $b->sheet->width * $b->sheet->height]);

        return array_slice($found, 0, self::MOST);
    }

    /** @return array<int, non-empty-list<Sheet>> large enough, with nothing planned on them, by component */
    private static function sheets(Find $find): array
    {
        $by = [];
        $sheets = Sheet::query()
            ->where('state', SheetState::Open)
            ->whereDoesntHave('plan')
            ->when($find->size !== null, static fn (Builder $query) => $query->where(static fn (Builder $either) => $either
                ->where(static fn (Builder $as) => $as->where('width', '>=', $find->size?->width->units)->where('height', '>=', $find->size?->height->units))
                ->orWhere(static fn (Builder $as) => $as->where('width', '>=', $find->size?->height->units)->where('height', '>=', $find->size?->width->units))))
            ->whereHas('component.kit', static fn (Builder $kit) => $kit->where('is_deleted', false))
            ->get();
        foreach ($sheets as $sheet) {
            $by[$sheet->component_id][] = $sheet;
        }

        return $by;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array{Component, CoreComponent}>
     */
    private static function components(array $ids): array
    {
        $components = [];
        foreach (array_chunk($ids, 500) as $some) {
            foreach (Component::query()->whereIn('id', $some)->with('kit')->get() as $component) {
                $components[$component->id] = [$component, $component->toCore()];
            }
        }

        return $components;
    }
}
