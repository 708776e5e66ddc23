<?php

namespace App\Http\Controllers;

use App\Actions\CountComponent;
use App\Actions\MoveComponent;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerReason;
use App\Pages\CountPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class CountController
{
    public function show(Kit $kit): Response
    {
        return Inertia::render('Count', CountPage::of($kit));
    }

    public function store(Kit $kit, Component $component, Request $request, CountComponent $count): RedirectResponse
    {
        abort_unless($component->kit_id === $kit->id, 404);
        $request->validate([
            'counted' => ['required', 'regex:/^\d{1,6}$/', 'integer', 'max:'.($component->kind->isSheets() ? 500 : 100_000)],
            'reason' => [Rule::in([LedgerReason::Lost->value, LedgerReason::Spoiled->value])],
            'note' => ['nullable', 'string', 'max:200'],
        ], ['counted.*' => sprintf('Write how many there are, in figures: 0 to %d.', $component->kind->isSheets() ? 500 : 100_000), 'note.*' => 'The note is longer than 200 characters.']);
        $count->count($component, $request->integer('counted'), $request->integer('was'), LedgerReason::from($request->string('reason', LedgerReason::Lost->value)->toString()), $request->string('note')->toString());

        return back();
    }

    public function allThere(Kit $kit, CountComponent $count): RedirectResponse
    {
        $count->allThere($kit);

        return back();
    }

    public function move(Kit $kit, Component $component, Request $request, MoveComponent $move): RedirectResponse
    {
        abort_unless($component->kit_id === $kit->id, 404);
        $request->validate(['count' => ['required', 'regex:/^\d{1,6}$/', 'integer', 'min:1']], ['count.*' => 'Write how many to move, in figures, from 1.']);
        $to = Kit::query()->findOrFail($request->integer('to'));
        abort_unless($to->is_stash !== $kit->is_stash, 422);
        $move->move($kit, $component, $to, $request->integer('count'), $request->integer('revision'));

        return back()->with('notice', "Moved to $to->name.");
    }
}
