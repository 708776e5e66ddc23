<?php

namespace App\Card;

use App\Acts\CardRequest;
use App\Cards\Grid;
use App\Cards\NoPlace;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\OwnArrangement;
use App\Table\TableState;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use KeepShare\Core\Table\Many;

/** All cards side by side, and the pieces of one of them. */
final readonly class ArrangeController
{
    public function __construct(private Arranging $arranging, private Journal $journal)
    {
    }

    public function show(Kit $kit, Request $request): ArrangePage
    {
        return ArrangePage::of($kit, $request->integer('card'));
    }

    public function many(Kit $kit, CardRequest $request): RedirectResponse
    {
        $request->validate(['pieces' => ['required', Rule::enum(Many::class)]]);
        $many = Many::from($request->text('pieces'));
        $this->journal->act(
            $kit,
            "Wish for {$many->value} pieces a card",
            $request->revision(),
            static fn () => $kit->update(['wishes' => [...$kit->wishes, 'pieces' => $many->value]]),
        );

        return back()->with('notice', 'Share out again from scratch, and the cards are arranged that way.');
    }

    public function arrange(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $arrangement = OwnArrangement::shelf()[$request->text('arrangement')] ?? abort(422);
        $this->arranging->in($card, $arrangement, $request->revision());

        return back()->with('notice', "Card $card->number: ".lcfirst($arrangement->name).'.');
    }

    public function piece(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $request->validate([
            'part' => ['required', 'string', 'max:40'],
            'do' => ['required', 'string', 'max:20'],
            'by' => ['integer', 'between:-64,64'],
        ]);
        $by = $request->integer('by', 1);
        $this->arranging->piece($card, $request->text('part'), $request->text('do'), $by, $request->revision());

        return back();
    }

    public function add(Kit $kit, Card $card, CardRequest $request): RedirectResponse
    {
        $component = TableState::of($kit)->core[$request->text('component')] ?? abort(422);
        $this->arranging->add($card, $component, $request->revision());

        return back()->with('notice', "$component->name is added.");
    }

    /** Replaces a piece by the next best one. */
    public function swap(Kit $kit, Card $card, CardRequest $request, Grid $grid): RedirectResponse
    {
        $part = $request->text('part');
        $taking = $card->takings->firstWhere('part', $part) ?? throw NoPlace::piece($card->number);
        $grid->swapPart($card, $part, $request->revision());
        $name = static fn (?int $id): string => Component::query()->find($id)->name ?? '';
        $new = $card->takings()->where('part', $part)->value('component_id');

        return back()->with('notice', $name(is_int($new) ? $new : null)." in the place of {$name($taking->component_id)}.");
    }
}
