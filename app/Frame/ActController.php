<?php

namespace App\Frame;

use App\Journal\Journal;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undo and redo. */
final class ActController
{
    public function __construct(private readonly Journal $journal)
    {
    }

    public function undo(Kit $kit, Request $request): RedirectResponse
    {
        return back()->with('notice', "Undone: {$this->journal->undo($kit, $request->integer('revision'))->name}.");
    }

    public function redo(Kit $kit, Request $request): RedirectResponse
    {
        return back()->with('notice', "Redone: {$this->journal->redo($kit, $request->integer('revision'))->name}.");
    }

    public function undoOnShelf(): RedirectResponse
    {
        return back(fallback: route('shelf'))->with('notice', "Undone: {$this->journal->undo(null)->name}.");
    }

    public function redoOnShelf(): RedirectResponse
    {
        return back(fallback: route('shelf'))->with('notice', "Redone: {$this->journal->redo(null)->name}.");
    }
}
