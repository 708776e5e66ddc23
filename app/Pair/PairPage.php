<?php

namespace App\Pair;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Palette;
use App\View\GoodView;
use App\View\Page;
use Illuminate\Support\Collection;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Pair\Fit;
use KeepShare\Core\Pair\Pairing;
use KeepShare\Core\Pair\Partner;

/**
 * Papers and cardstock side by side, by how well they match the chosen one.
 *
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type LaidFace array{component: string, face: int}
 * @phpstan-type PaperFit array{figure: int, reasons: list<string>}
 * @phpstan-type PaperPartner array{component: string, face: int, fits: list<PaperFit>}
 * @phpstan-type KeptPalette array{id: int, name: string, surfaces: list<string>}
 */
final readonly class PairPage extends Page
{
    /**
     * @param  Goods  $goods
     * @param  list<string>  $components
     * @param  LaidFace|null  $chosen
     * @param  list<PaperPartner>  $partners
     * @param  LaidFace|null  $mat
     * @param  list<KeptPalette>  $palettes
     */
    private function __construct(
        public array $goods,
        public array $components,
        public ?array $chosen,
        public array $partners,
        public ?array $mat,
        public array $palettes,
    ) {
    }

    public static function of(Kit $kit, string $chosen): self
    {
        $components = Component::query()
            ->whereIn('kit_id', array_filter([$kit->id, Kit::stash()?->id]))
            ->whereIn('kind', array_filter(Kind::cases(), static fn (Kind $kind): bool => $kind->isSheets()))
            ->orderByRaw('kit_id = ? desc', [$kit->id])->orderBy('position')->get()
            ->map(static fn (Component $component): CoreComponent => $component->toCore());
        $surfaces = self::surfaces($components);
        $first = $surfaces[$chosen] ?? array_values($surfaces)[0] ?? null;

        return new self(
            GoodView::all($components),
            array_values($components->map(static fn (CoreComponent $component): string => $component->id)->all()),
            $first === null ? null : self::laid($first),
            $first === null ? [] : self::partners($first, $surfaces),
            $first?->isPaper !== true ? null : self::mat($first, $surfaces, $components),
            self::palettes($kit, $surfaces),
        );
    }

    /** @return LaidFace */
    private static function laid(Surface $surface): array
    {
        return ['component' => $surface->component, 'face' => $surface->index];
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
     * @return list<PaperPartner>
     */
    private static function partners(Surface $chosen, array $surfaces): array
    {
        return array_map(static function (Partner $partner) use ($chosen, $surfaces): array {
            $fits = [];
            for ($face = 0; isset($surfaces["{$partner->surface->component}/$face"]); $face++) {
                $fit = Fit::between($chosen->face, $surfaces["{$partner->surface->component}/$face"]->face);
                $fits[] = ['figure' => $fit->figure, 'reasons' => $fit->reasons];
            }

            return [...self::laid($partner->surface), 'fits' => $fits];
        }, Pairing::partners($chosen, array_values($surfaces)));
    }

    /**
     * @param  array<string, Surface>  $surfaces
     * @param  Collection<int, CoreComponent>  $components
     * @return LaidFace|null
     */
    private static function mat(Surface $chosen, array $surfaces, Collection $components): ?array
    {
        $makesMats = static fn (CoreComponent $one): bool => $one->good instanceof Cardstock && $one->good->makesMats();
        $ids = $components->filter($makesMats)->map(static fn (CoreComponent $one): string => $one->id)->all();
        $isMat = static fn (Surface $one): bool => $one->index === 0 && in_array($one->component, $ids, true);
        $mat = Pairing::mat($chosen->face, array_values(array_filter($surfaces, $isMat)));

        return $mat === null ? null : self::laid($mat);
    }

    /**
     * @param  array<string, Surface>  $surfaces
     * @return list<KeptPalette>
     */
    private static function palettes(Kit $kit, array $surfaces): array
    {
        $palettes = Palette::query()->where('kit_id', $kit->id)->orderBy('id')->get();
        $isThere = static fn (string $key): bool => isset($surfaces[$key]);

        return array_values($palettes->map(static fn (Palette $palette): array => [
            'id' => $palette->id,
            'name' => $palette->name,
            'surfaces' => array_values(array_filter($palette->surfaces, $isThere)),
        ])->all());
    }
}
