<?php

namespace App\Shelf;

use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Setting;
use App\View\GoodView;
use App\View\MoneyView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Fold\StandardFront;

/**
 * The present kits, the stash, and what is put away.
 *
 * @phpstan-import-type Good from GoodView
 * @phpstan-import-type Money from MoneyView
 * @phpstan-import-type SidesByUnit from Fronts
 * @phpstan-import-type UndoRedo from Journal
 *
 * @phpstan-type KitOnShelf array{
 *     id: int,
 *     revision: int,
 *     url: string,
 *     name: string,
 *     isStash: bool,
 *     isPutAway: bool,
 *     front: string,
 *     promised: int,
 *     cards: int,
 *     components: string,
 *     price: Money|null,
 *     papers: list<Good>,
 * }
 */
final readonly class ShelfPage extends Page
{
    /** How many papers are drawn for a kit. */
    private const PAPERS = 12;

    /**
     * @param  list<KitOnShelf>  $kits
     * @param  UndoRedo  $shelf
     * @param  SidesByUnit  $fronts  what is usual
     */
    private function __construct(public array $kits, public array $shelf, public array $fronts, public bool $areSamples)
    {
    }

    public static function now(Journal $journal): self
    {
        $kits = Kit::query()
            ->withCount('cards', 'components')
            ->with(['papers' => static fn ($papers) => $papers->whereRelation('kit', 'is_put_away', false)->limit(self::PAPERS)])
            ->where('is_deleted', false)
            ->orderBy('is_put_away')->orderBy('is_stash')->orderBy('id')
            ->get();

        return new self(array_values($kits->map(self::kit(...))->all()), $journal->atHand(null), Fronts::usual(), Setting::areSamples());
    }

    /** @return KitOnShelf */
    private static function kit(Kit $kit): array
    {
        $papers = $kit->is_put_away ? collect() : $kit->papers;

        return [
            'id' => $kit->id,
            'revision' => $kit->revision,
            'url' => route('kits.show', $kit, false),
            'name' => $kit->name,
            'isStash' => $kit->is_stash,
            'isPutAway' => $kit->is_put_away,
            'front' => StandardFront::nameOf($kit->front(), $kit->unit),
            'promised' => $kit->promised,
            'cards' => (int) $kit->getAttribute('cards_count'),
            'components' => Wording::plural((int) $kit->getAttribute('components_count'), 'line'),
            'price' => MoneyView::of($kit->price()),
            'papers' => array_values(GoodView::all($papers->map(static fn (Component $paper) => $paper->toCore()))),
        ];
    }
}
