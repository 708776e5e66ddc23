<?php

namespace App\Pages;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Palette;
use Illuminate\Support\Collection;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Pair\Fit;
use KeepShare\Core\Pair\Pairing;
use KeepShare\Core\Pair\Partner;

/** Papers and cardstock laid side by side, by how well they go with the chosen one. */
final class PairPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit, ?string $chosen): array
    {
        $components = Component::query()->whereIn('kit_id', array_filter([$kit->id, Kit::stash()?->id]))->whereIn('kind', ['paper', 'panel', 'cardstock'])
            ->orderByRaw('kit_id = ? desc', [$kit->id])->orderBy('position')->get()
            ->map(static fn (Component $component): CoreComponent => $component->toCore());
        $surfaces = self::surfaces($components);
        $first = $surfaces[$chosen ?? ''] ?? array_values($surfaces)[0] ?? null;

        return [
            'goods' => GoodView::all($components),
            'components' => array_values($components->map(static fn (CoreComponent $component): string => $component->id)->all()),
            'chosen' => $first === null ? null : ['component' => $first->component, 'face' => $first->index],
            'partners' => $first === null ? [] : self::partners($first, $surfaces),
            'mat' => $first === null || ! $first->isPaper ? null : self::mat($first, $surfaces, $components),
            'palettes' => Palette::query()->where('kit_id', $kit->id)->orderBy('id')->get()->map(static fn (Palette $palette): array => [
                'id' => $palette->id,
                'name' => $palette->name,
                'surfaces' => array_values(array_filter($palette->surfaces, static fn (string $key): bool => isset($surfaces[$key]))),
            ])->all(),
        ];
    }

    /**
     * @param  Collection<int, CoreComponent>  $components
     * @return array<string, Surface> by key
     */
    private static function surfaces(Collection $components): array
    {
        $surfaces = [];
        foreach ($components as $component) {
            foreach ($component->good instanceof SheetGood ? $component->good->faces() : [] as $index => $face) {
                $surface = Surface::of($component->id, $index, $face, $component->kind()->isPrintedPaper());
                $surfaces[$surface->key] = $surface;
            }
        }

        return $surfaces;
    }

    /**
     * @param  array<string, Surface>  $surfaces
     * @return list<array<string, mixed>>
     */
    private static function partners(Surface $chosen, array $surfaces): array
    {
        return array_map(static function (Partner $partner) use ($chosen, $surfaces): array {
            $fits = [];
            for ($face = 0; isset($surfaces["{$partner->surface->component}/$face"]); $face++) {
                $fit = Fit::between($chosen->face, $surfaces["{$partner->surface->component}/$face"]->face);
                $fits[] = ['figure' => $fit->figure, 'reasons' => $fit->reasons];
            }

            return ['component' => $partner->surface->component, 'face' => $partner->surface->index, 'fits' => $fits];
        }, Pairing::partners($chosen, array_values($surfaces)));
    }

    /**
     * @param  array<string, Surface>  $surfaces
     * @param  Collection<int, CoreComponent>  $components
     * @return array{component: string, face: int}|null
     */
    private static function mat(Surface $chosen, array $surfaces, Collection $components): ?array
    {
        $mats = $components->filter(static fn (CoreComponent $c): bool => $c->good instanceof Cardstock && $c->good->makesMats())->map(static fn (CoreComponent $c): string => $c->id)->all();
        $mat = Pairing::mat($chosen->face, array_values(array_filter($surfaces, static fn (Surface $surface): bool => $surface->index === 0 && in_array($surface->component, $mats, true))));

        return $mat === null ? null : ['component' => $mat->component, 'face' => $mat->index];
    }
}
