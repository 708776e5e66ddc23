<?php

namespace App\ShareOut;

use App\Cards\Grid;
use App\Journal\StaleTable;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The acts of the share-out grid, each on a cell, a card or a row. */
final readonly class GridController
{
    public function __construct(private Grid $grid)
    {
    }

    public function why(Kit $kit, Request $request): JsonResponse
    {
        $component = $this->component($kit, $request);
        $card = $this->card($kit, $request);
        $says = [];
        foreach ($card->takings->where('component_id', $component->id) as $taking) {
            array_push($says, ucfirst($card->partName($taking->part)).': ', ...$this->grid->why($card, $taking->part)->says);
        }

        return response()->json(['says' => $says === [] ? "Card $card->number takes nothing from $component->name." : implode(' ', $says)]);
    }

    public function more(Kit $kit, Request $request): RedirectResponse
    {
        $this->grid->more(
            $this->card($kit, $request),
            $this->component($kit, $request),
            $request->integer('by') < 0 ? -1 : 1,
            $request->integer('revision'),
        );

        return back();
    }

    public function swap(Kit $kit, Request $request): RedirectResponse
    {
        $card = $this->card($kit, $request);
        $old = $this->component($kit, $request);
        $new = $this->grid->swap($card, $old, $request->integer('revision'));

        return back()->with('notice', "Card $card->number takes $new in the place of $old->name.");
    }

    public function pin(Kit $kit, Request $request): RedirectResponse
    {
        $this->grid->pin(
            $this->card($kit, $request),
            $request->filled('component') ? $this->component($kit, $request) : null,
            $request->integer('revision'),
        );

        return back();
    }

    public function use(Kit $kit, Request $request): RedirectResponse
    {
        $this->grid->use($kit, $this->component($kit, $request), $request->integer('revision'));

        return back();
    }

    public function move(Kit $kit, Request $request): RedirectResponse
    {
        $end = fn (string $key): ?Card => $request->filled($key) ? $this->card($kit, $request, $key) : null;
        $else = $this->grid->move($kit, $this->component($kit, $request), $end('from'), $end('to'), $request->integer('revision'));

        return $else === null ? back() : back()->with('notice', $else);
    }

    public function add(Kit $kit, Request $request): RedirectResponse
    {
        return back()->with('notice', 'Card '.$this->grid->add($kit, $request->integer('revision')).' is added.');
    }

    public function duplicate(Kit $kit, Request $request): RedirectResponse
    {
        $this->grid->duplicate($this->card($kit, $request), $request->integer('revision'));

        return back();
    }

    public function leaner(Kit $kit, Request $request): RedirectResponse
    {
        return back()->with('notice', $this->grid->leaner($this->card($kit, $request), $request->integer('revision')));
    }

    public function aside(Kit $kit, Request $request): RedirectResponse
    {
        $this->grid->setAside($this->card($kit, $request), $request->integer('revision'));

        return back();
    }

    public function putBack(Kit $kit, Solution $solution, Request $request): RedirectResponse
    {
        abort_unless($solution->kind === SolutionKind::Aside, 404);
        $this->grid->putBack($kit, $solution, $request->integer('revision'));

        return back();
    }

    public function remove(Kit $kit, Request $request): RedirectResponse
    {
        $this->grid->remove($this->card($kit, $request), $request->integer('revision'));

        return back();
    }

    public function way(Kit $kit, Request $request): RedirectResponse
    {
        $card = $this->card($kit, $request);
        $taking = $card->takings->firstWhere('part', $request->string('part')->toString()) ?? throw StaleTable::since($kit);
        $this->grid->wayOut($card, $taking, $request->string('says')->toString(), $request->integer('revision'));

        return back();
    }

    /** A card that another tab has removed means that the table has changed. */
    private function card(Kit $kit, Request $request, string $key = 'card'): Card
    {
        $card = Card::query()->with('takings')->find($request->integer($key)) ?? throw StaleTable::since($kit);

        return $card->kit_id === $kit->id ? $card->setRelation('kit', $kit) : abort(404);
    }

    /** The kit's own, or the stash's. */
    private function component(Kit $kit, Request $request): Component
    {
        $id = Component::idOfCore($request->validate(['component' => ['required', 'regex:/^c\d{1,15}$/']])['component']);

        return $kit->onTable()->findOrFail($id);
    }
}
