<?php

namespace App\Shelf;

use App\Journal\Journal;
use App\Ledger\ImportKit;
use App\Ledger\PastedList;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Entry\TitleLine;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\BadKit;

/** The shelf of kits, and bringing one in. */
final class ShelfController
{
    /** Of a price that names none, where no kit has one yet. */
    private const CURRENCY = 'USD';

    public function index(Journal $journal): ShelfPage
    {
        return ShelfPage::now($journal);
    }

    /** A kit is begun from its packing list: what stands above the list says what the kit is; its lines are looked at next. */
    public function begin(Request $request, Journal $journal): RedirectResponse
    {
        $text = $request->validate(
            ['list' => ['required', 'string', 'max:60000']],
            [
                'list.required' => 'Paste the packing list of the kit, one thing a line.',
                'list.*' => 'A packing list has up to 60 000 characters.',
            ],
        )['list'];
        $title = TitleLine::above($text, Kit::query()->whereNotNull('currency')->latest('id')->value('currency') ?? self::CURRENCY);
        $kit = $journal->actOnShelf("Start $title->name", static fn (): Kit => Kit::query()->create([
            'name' => $title->name,
            'unit' => $title->unit,
            'front_width' => $title->front->width->units,
            'front_height' => $title->front->height->units,
            'promised' => $title->cards,
            'price_minor' => $title->price?->minor,
            'currency' => $title->price?->currency,
        ]));
        PastedList::put($kit, $text);
        $front = StandardFront::nameOf($title->front, $title->unit);

        return to_route('kits.add', $kit)->with('notice', "$kit->name is begun: $title->cards cards, $front. About the kit changes that.");
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
