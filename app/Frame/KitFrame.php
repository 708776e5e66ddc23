<?php

namespace App\Frame;

use App\Files\Export;
use App\Files\OfferedAt;
use App\Journal\Journal;
use App\Models\Kit;
use App\View\MoneyView;
use App\Wording\Wording;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\Unit;

/**
 * The frame of every page of a kit: its name, the stages with a live figure each, and what can be undone.
 *
 * @phpstan-import-type UndoRedo from Journal
 * @phpstan-import-type Money from MoneyView
 *
 * @phpstan-type StageInFrame array{
 *     key: string,
 *     label: string,
 *     figure: string|null,
 *     money: Money|null,
 *     url: string,
 *     roots: list<string>, // what the addresses of its pages begin with
 *     pages: list<array{path: string, label: string}>,
 * }
 * @phpstan-type FileLink array{
 *     at: value-of<OfferedAt>,
 *     path: string, // under the address of what it is of
 *     label: string,
 *     isShown: bool, // beside the page rather than saved
 * }
 */
final readonly class KitFrame
{
    /**
     * @param  'in'|'mm'  $unit
     * @param  list<StageInFrame>  $stages
     * @param  UndoRedo  $acts
     * @param  list<FileLink>  $files
     */
    private function __construct(
        public int $id,
        public string $url,
        public string $name,
        public bool $isStash,
        public string $about,
        public string $unit,
        public int $revision,
        public array $stages,
        public array $acts,
        public array $files,
    ) {
    }

    public static function of(Kit $kit, Journal $journal): self
    {
        $ofKit = static fn (Stage $stage): bool => ! $kit->is_stash || $stage->isOfStash();
        $stages = array_values(array_filter(Stages::all(), $ofKit));
        $head = KitHead::of($kit, $stages, $journal->names($kit));
        $pages = Stages::pages();

        return new self(
            $kit->id,
            route('kits.show', $kit, false),
            $kit->name,
            $kit->is_stash,
            self::about($kit),
            $kit->unit->value,
            $kit->revision,
            array_map(static fn (Stage $stage): array => self::stage($stage, $kit, $head, $pages[$stage->key()]), $stages),
            $head->acts,
            array_map(self::file(...), Exports::all()),
        );
    }

    /**
     * @param  list<StagePage>  $pages
     * @return StageInFrame
     */
    private static function stage(Stage $stage, Kit $kit, KitHead $head, array $pages): array
    {
        $figure = $stage->figure($kit, $head->counted[$stage->key()] ?? []);
        $shown = [];
        foreach ($pages as $page) {
            if ($page->label !== null) {
                $shown[] = ['path' => $page->path, 'label' => $page->label];
            }
        }

        return [
            'key' => $stage->key(),
            'label' => $stage->label(),
            'figure' => $figure instanceof Price ? null : $figure,
            'money' => $figure instanceof Price ? MoneyView::of($figure) : null,
            'url' => route($stage->pages()[0]->routeName(), $kit, false),
            'roots' => array_values(array_unique(array_map(static fn (StagePage $page): string => $page->root(), $pages))),
            'pages' => $shown,
        ];
    }

    /** @return FileLink */
    private static function file(Export $export): array
    {
        return [
            'at' => $export->offeredAt()->value,
            'path' => $export->path(),
            'label' => $export->label(),
            'isShown' => $export->media()->isShown(),
        ];
    }

    private static function about(Kit $kit): string
    {
        $unit = $kit->unit === Unit::Inch ? 'inches' : 'millimetres';
        if ($kit->is_stash) {
            return "beside every kit · $unit";
        }
        $front = StandardFront::nameOf($kit->front(), $kit->unit);

        return Wording::plural($kit->promised, 'card')." promised · $front · $unit";
    }
}
