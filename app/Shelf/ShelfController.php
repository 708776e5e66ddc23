<?php

namespace App\Shelf;

use App\Journal\Journal;
use App\Ledger\ImportKit;
use Illuminate\Http\RedirectResponse;
use KeepShare\Core\Kit\BadKit;

/** The shelf of kits, and bringing one in. */
final class ShelfController
{
    public function index(Journal $journal): ShelfPage
    {
        return ShelfPage::now($journal);
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
