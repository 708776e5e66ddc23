<?php

namespace App\ShareOut;

use App\Acts\FileRequest;
use App\Cards\BonusCards;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Solve;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Refusal;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\WordsAgain;

final class ShareOutController
{
    public function show(Kit $kit, BonusCards $bonus): ShareOutPage
    {
        return ShareOutPage::of($kit, $bonus);
    }

    public function store(Kit $kit, ShareOutRequest $request, ShareOutKit $shareOut): RedirectResponse
    {
        if ($request->integer('revision') !== $kit->revision) {
            throw StaleTable::since($kit);
        }
        if (Solve::query()->where('kit_id', $kit->id)->latest('id')->first()?->isUnderWay() !== true) {
            try {
                $shareOut->request(
                    $kit,
                    $request->integer('cards'),
                    $request->boolean('stash'),
                    WordsAgain::from($request->string('words')->toString()),
                    $request->boolean('keep'),
                    $request->filled('alike') ? $request->integer('alike') : null,
                    $request->enum('least', Least::class),
                );
            } catch (Refusal $refused) {
                throw ValidationException::withMessages(['cards' => $refused->getMessage()]);
            }
        }

        return to_route('kits.share-out', $kit);
    }

    /** Starts the search for how many cards there can be, and how different. */
    public function frontier(Kit $kit): RedirectResponse
    {
        FindFrontier::search($kit)->ask(FindFrontier::class);

        return to_route('kits.share-out', $kit);
    }

    public function accept(Kit $kit, Solution $solution, Request $request, ShareOutKit $shareOut): RedirectResponse
    {
        abort_unless($solution->kind === SolutionKind::Proposed, 404);
        $shareOut->accept($kit, $solution, $request->integer('revision'));

        return to_route('kits.share-out', $kit);
    }

    /** Rejects the proposal. */
    public function leave(Kit $kit, Solution $solution): RedirectResponse
    {
        abort_unless($solution->kind === SolutionKind::Proposed, 404);
        $solution->delete();

        return to_route('kits.share-out', $kit);
    }

    public function compare(Kit $kit): ComparePage
    {
        return ComparePage::of($kit);
    }

    /** Saves the present share-out under a name. */
    public function keep(Kit $kit, Request $request, Journal $journal): RedirectResponse
    {
        $name = $request->validate(
            ['name' => ['required', 'string', 'max:60']],
            ['name.*' => 'Write a name of up to 60 letters to know it by.'],
        )['name'];
        $journal->act(
            $kit,
            "Save the share-out as \"$name\"",
            $request->integer('revision'),
            static fn () => Solution::query()->create([
                'kit_id' => $kit->id,
                'kind' => SolutionKind::Kept,
                'name' => $name,
                'cards' => array_values(
                    $kit
                        ->cards()
                        ->with('takings')
                        ->get()
                        ->map(static fn (Card $card): array => CardRecord::of($card))
                        ->all(),
                ),
                'stays' => [],
                'revision' => $kit->revision,
            ]),
        );

        return to_route('kits.share-out.compare', $kit);
    }

    /** Reads a share-out file again and saves it under the name of the file. */
    public function read(Kit $kit, FileRequest $request, ReadShareOut $read): RedirectResponse
    {
        $request->at(
            'share_file',
            static fn () => $read->read($kit, $request->contents(), $request->name(), $request->integer('revision')),
        );

        return to_route('kits.share-out.compare', $kit);
    }

    public function takeUp(Kit $kit, Solution $solution, Request $request, ShareOutKit $shareOut): RedirectResponse
    {
        abort_unless($solution->kind === SolutionKind::Kept, 404);
        $shareOut->takeUp($kit, $solution, $request->integer('revision'));

        return to_route('kits.share-out', $kit);
    }

    public function forget(Kit $kit, Solution $solution, Request $request, Journal $journal): RedirectResponse
    {
        abort_unless($solution->kind === SolutionKind::Kept, 404);
        $journal->act($kit, "Delete the share-out \"$solution->name\"", $request->integer('revision'), static fn () => $solution->delete());

        return to_route('kits.share-out.compare', $kit);
    }

    public function stop(Kit $kit, ShareOutKit $shareOut): RedirectResponse
    {
        $shareOut->stop($kit);

        return to_route('kits.share-out', $kit);
    }
}
