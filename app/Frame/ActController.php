<?php

namespace App\Frame;

use App\Journal\Journal;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Taking the last act back, and doing it again. */
final class ActController
{
    public function __construct(private readonly Journal $journal)
    {
    }

    public function undo(Kit $kit, Request $request): RedirectResponse
    {
        return back()->with('notice', "Taken back: {$this->journal->undo($kit, $request->integer('revision'))->name}.");
    }

    public function redo(Kit $kit, Request $request): RedirectResponse
    {
        return back()->with('notice', "Done again: {$this->journal->redo($kit, $request->integer('revision'))->name}.");
    }

    public function undoOnShelf(): RedirectResponse
    {
        return back(fallback: route('shelf'))->with('notice', "Taken back: {$this->journal->undo(null)->name}.");
    }

    public function redoOnShelf(): RedirectResponse
    {
        return back(fallback: route('shelf'))->with('notice', "Done again: {$this->journal->redo(null)->name}.");
    }
}
