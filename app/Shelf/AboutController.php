<?php

namespace App\Shelf;

use App\Journal\Journal;
use App\Ledger\ImportKit;
use App\Models\Kit;
use App\Models\PrintPaper;
use App\Models\Setting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What a kit is, and what can be done with it as a whole. */
final class AboutController
{
    public function __construct(private readonly Journal $journal)
    {
    }

    public function show(Kit $kit): AboutPage
    {
        return AboutPage::of($kit);
    }

    public function create(KitRequest $request): RedirectResponse
    {
        $kit = $this->journal->actOnShelf(
            "Start {$request->string('name')}",
            static fn (): Kit => Kit::query()->create($request->columns()),
        );

        return to_route('kits.add', $kit)->with('notice', "$kit->name is on the table; write its lines.");
    }

    /** For all kits, since there is one printer. */
    public function paper(Request $request): RedirectResponse
    {
        $request->validate(['paper' => ['nullable', Rule::enum(PrintPaper::class)]], ['paper.*' => 'Letter, A4, or that of the unit.']);
        $paper = PrintPaper::tryFrom($request->string('paper')->toString());
        $says = $paper === null ? 'Print on the paper of the unit' : "Print on {$paper->label()}";
        $this->journal->actOnShelf($says, static fn () => Setting::put(Setting::PAPER, $paper->value ?? ''));

        return back()->with('notice', "$says.");
    }

    public function update(Kit $kit, KitRequest $request): RedirectResponse
    {
        $this->journal->act(
            $kit,
            "Change what $kit->name is",
            $request->integer('revision'),
            static fn () => $kit->update($request->columns()),
        );

        return to_route('kits.about', $kit)->with('notice', 'Kept.');
    }

    public function duplicate(Kit $kit, ImportKit $import): RedirectResponse
    {
        return to_route('kits.about', $import->duplicate($kit))->with('notice', 'This is the second one.');
    }

    public function putAway(Kit $kit, Request $request): RedirectResponse
    {
        $away = $request->boolean('away');
        $this->journal->actOnShelf(
            ($away ? 'Put away ' : 'Bring back ').$kit->name,
            static fn () => $kit->update(['is_put_away' => $away]),
        );

        return to_route('shelf');
    }

    public function destroy(Kit $kit, DeleteKit $act): RedirectResponse
    {
        abort_if($kit->is_stash, 403);
        $act->delete($kit);

        return to_route('shelf')->with('notice', "$kit->name is deleted. Undo brings it back.");
    }
}
