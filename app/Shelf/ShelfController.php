<?php

namespace App\Shelf;

use App\Journal\Journal;
use App\Ledger\ImportKit;
use App\Ledger\PastedList;
use App\Models\Kit;
use App\Shelf\Arrivals\Arrivals;
use App\Shelf\Arrivals\Brought;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\BadKit;

/** The shelf of kits, and bringing one in. */
final class ShelfController
{
    public function index(Journal $journal): ShelfPage
    {
        return ShelfPage::now($journal);
    }

    public function writing(): WritingPage
    {
        return WritingPage::of();
    }

    /** Says what would be done with what was typed, dropped or chosen. */
    public function look(Request $request): JsonResponse
    {
        $file = $request->file('start');
        $start = $file instanceof UploadedFile ? $file->getContent() : $request->string('text')->toString();
        $name = mb_substr($request->string('name')->toString(), 0, 200);
        $it = new Brought($name, mb_strcut($start, 0, Brought::MOST_LOOKED_AT));

        return response()->json(['offer' => trim($it->start) === '' ? null : Arrivals::offer($it)]);
    }

    /**
     * Begins a kit from its packing list. The lines above the list say what the kit is, and its lines are checked next.
     */
    public function begin(BeginRequest $request, Journal $journal): RedirectResponse
    {
        $title = $request->title();
        $kit = $journal->actOnShelf("Start $title->name", static fn (): Kit => Kit::query()->create([
            'name' => $title->name,
            'unit' => $title->unit,
            'front_width' => $title->front->width->units,
            'front_height' => $title->front->height->units,
            'promised' => $title->cards,
            'price_minor' => $title->price?->minor,
            'currency' => $title->price?->currency,
        ]));
        PastedList::put($kit, $request->list());
        $front = StandardFront::nameOf($title->front, $title->unit);

        $then = $request->string('then')->toString() === 'photographs' ? 'kits.photographs' : 'kits.add';

        return to_route($then, $kit)
            ->with('notice', "$kit->name is begun: $title->cards cards, $front. About the kit changes that.");
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
