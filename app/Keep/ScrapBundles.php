<?php

namespace App\Keep;

use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\View\GoodView;
use KeepShare\Core\Colour\ColourName;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Tray\Noun;

/**
 * The contents of the scrap box: equal standard parts in bundles by colour, and every scrap by itself.
 *
 * @phpstan-type ScrapBundle array{says: string, from: string, component: string, width: int, height: int, count: int}
 */
final readonly class ScrapBundles
{
    /**
     * @param  list<ScrapBundle>  $bundles
     * @param  array<string, Component>  $components  what they are of, by id
     */
    private function __construct(public array $bundles, public array $components)
    {
    }

    public static function inBox(Unit $unit): self
    {
        $alike = $components = [];
        foreach (self::sheets() as $sheet) {
            $core = $components[$sheet->component->coreId()] ??= $sheet->component->toCore();
            $alike[self::key($sheet, self::colour($core))][] = $sheet;
        }

        return new self(
            array_map(
                static fn (array $own): array => self::bundle($own, $components[$own[0]->component->coreId()], $unit),
                array_values($alike),
            ),
            $components,
        );
    }

    /** @return iterable<Sheet> parts first, the largest of each first */
    private static function sheets(): iterable
    {
        $stash = Kit::stash();

        return $stash === null ? [] : Sheet::query()
            ->whereIn('component_id', $stash->components()->select('id'))
            ->where('state', SheetState::Open)
            ->where('is_whole', false)
            ->with('component')
            ->orderByRaw('part is null, width * height desc')
            ->get();
    }

    private static function key(Sheet $sheet, string $colour): string
    {
        return $sheet->part === null ? "scrap $sheet->id" : "$sheet->part $sheet->width $sheet->height $colour";
    }

    /**
     * @param  non-empty-list<Sheet>  $alike
     * @return ScrapBundle
     */
    private static function bundle(array $alike, Component $core, Unit $unit): array
    {
        $sheet = $alike[0];
        $many = count($alike);
        $size = $sheet->size()->label($unit);
        $colour = self::colour($core).($many > 1 ? 's' : '');

        return [
            'says' => $sheet->part === null ? "$core->name, $size" : Noun::counted($many, $sheet->part)." $size, $colour",
            'from' => implode(', ', array_unique(array_filter(array_map(static fn (Sheet $one): ?string => $one->came_from, $alike)))),
            'component' => $core->id,
            ...GoodView::size($sheet->size()),
            'count' => $many,
        ];
    }

    private static function colour(Component $core): string
    {
        return $core->good instanceof SheetGood ? ColourName::of($core->good->faces()[0]->ground()) : '';
    }
}
