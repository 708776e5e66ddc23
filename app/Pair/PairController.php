<?php

namespace App\Pair;

use App\Journal\Journal;
use App\Models\Kit;
use App\Models\Palette;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PairController
{
    public function __construct(private readonly Journal $journal)
    {
    }

    public function show(Kit $kit, Request $request): PairPage
    {
        return PairPage::of($kit, $request->string('chosen')->toString());
    }

    public function store(Kit $kit, Request $request): RedirectResponse
    {
        $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                'surfaces' => ['required', 'array', 'min:2', 'max:24'],
                'surfaces.*' => ['regex:/^c\d+\/\d$/'],
            ],
            [
                'name.*' => 'Give the palette a name of up to 80 characters.',
                'surfaces.*' => 'Choose at least two papers or cardstocks first.',
            ],
        );
        $name = $request->string('name')->trim()->toString();
        $this->journal->act($kit, "Save palette $name", $request->integer('revision'), static fn () => Palette::query()->create([
            'kit_id' => $kit->id,
            'name' => $name,
            'surfaces' => array_values(array_unique($request->array('surfaces'))),
        ]));

        return back();
    }

    public function destroy(Kit $kit, Palette $palette, Request $request): RedirectResponse
    {
        $this->journal->act($kit, "Remove palette $palette->name", $request->integer('revision'), static fn () => $palette->delete());

        return back();
    }

    public function draw(Kit $kit, Palette $palette, Request $request, DrawFromPalette $draw): RedirectResponse
    {
        $number = $draw->draw($kit, $palette, $request->integer('revision'));

        return to_route('kits.share-out', $kit)->with('notice', "Card $number is drawn from $palette->name.");
    }
}
