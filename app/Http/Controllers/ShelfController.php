<?php

namespace App\Http\Controllers;

use App\Actions\ImportKit;
use App\Http\Requests\ImportRequest;
use App\Models\Component;
use App\Models\Kit;
use App\Pages\Fronts;
use App\Pages\GoodView;
use App\Pages\KitFrame;
use App\Pages\MoneyView;
use App\Wording\Wording;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\BadKit;

/** The shelf of kits, and bringing one in. */
final class ShelfController
{
    public function index(KitFrame $frame): Response
    {
        return Inertia::render('Shelf', [
            'kits' => Kit::query()->withCount('cards', 'components')->with(['papers' => static fn ($papers) => $papers->whereRelation('kit', 'is_put_away', false)->limit(12)])->where('is_deleted', false)->orderBy('is_put_away')->orderBy('is_stash')->orderBy('id')->get()->map(static fn (Kit $kit): array => [
                'id' => $kit->id,
                'url' => route('kits.show', $kit, false),
                'name' => $kit->name,
                'isStash' => $kit->is_stash,
                'isPutAway' => $kit->is_put_away,
                'front' => StandardFront::nameOf($kit->front(), $kit->unit),
                'promised' => $kit->promised,
                'cards' => (int) $kit->getAttribute('cards_count'),
                'components' => Wording::plural((int) $kit->getAttribute('components_count'), 'line'),
                'papers' => $kit->is_put_away ? [] : array_values(GoodView::all($kit->papers->map(static fn (Component $paper) => $paper->toCore()))),
                'price' => $kit->price() === null ? null : MoneyView::of($kit->price()),
            ])->all(),
            'shelf' => $frame->acts(null),
            'fronts' => Fronts::usual(),
        ]);
    }

    public function store(ImportRequest $request, ImportKit $import): RedirectResponse
    {
        try {
            if ($request->isTable()) {
                return to_route('csv.show', CsvController::keep($request->name(), $request->contents()));
            }
            $kit = $import->fromFile($request->contents());
        } catch (BadKit $wrong) {
            return back()->withErrors(['kit_file' => implode("\n", array_slice($wrong->faults, 0, 30))]);
        }

        return to_route('kits.show', $kit)->with('notice', "$kit->name is on the table.");
    }
}
