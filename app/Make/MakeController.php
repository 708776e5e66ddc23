<?php

namespace App\Make;

use App\Models\Card;
use App\Models\Kit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use KeepShare\Core\Bench\School;

/** The making: its runs, one step at a time, and what is marked as done. */
final class MakeController
{
    private const LONGEST = 1_440;

    public function show(Kit $kit, Request $request): MakePage
    {
        $minutes = $request->string('minutes')->trim()->toString();
        $isTime = preg_match('/^\d{1,4}$/', $minutes) === 1 && (int) $minutes >= 1 && (int) $minutes <= self::LONGEST;
        $fault = $minutes === '' || $isTime ? '' : 'Write whole minutes, from 1 to 1440.';

        return MakePage::of($kit, self::school($request), self::cards($request), $isTime ? (int) $minutes : null, $minutes, $fault);
    }

    public function table(Kit $kit, Request $request): MakeTablePage
    {
        $only = $request->integer('card') ?: null;

        return MakeTablePage::of($kit, self::school($request), $only, self::cards($request), $request->boolean('wrong'));
    }

    public function apart(Kit $kit, Card $card): MakeCardPage
    {
        return MakeCardPage::of($card);
    }

    public function done(Kit $kit, Card $card, Request $request, MakeCards $make): RedirectResponse
    {
        $make->done($kit, $card, $request->string('step')->toString(), $request->integer('revision'));

        return back()->with('notice', $card->refresh()->made_at === null ? '' : "Card $card->number is made.");
    }

    public function mend(Kit $kit, Card $card, Request $request, MakeCards $make): RedirectResponse
    {
        $says = $request->string('way')->toString();
        $make->mend($kit, $card, $request->string('step')->toString(), $says, $request->integer('revision'));

        return to_route('kits.make.table', [$kit, 'card' => $card->id])->with('notice', "Planned again. $says");
    }

    public function stepBack(Kit $kit, Request $request, MakeCards $make): RedirectResponse
    {
        $card = $make->back($kit, $request->integer('revision'));

        return back()->with('notice', "The last step of card $card->number is to be done again.");
    }

    public function forgetPace(Kit $kit, Request $request, MakeCards $make): RedirectResponse
    {
        $make->forgetPace($kit, $request->integer('revision'));

        return back()->with('notice', 'The usual minutes are used again.');
    }

    /** @return list<int> the numbers in "1,3,4" */
    private static function cards(Request $request): array
    {
        $numbers = explode(',', $request->string('cards')->toString());

        return array_values(array_unique(array_filter(array_map(intval(...), $numbers))));
    }

    private static function school(Request $request): School
    {
        return School::tryFrom($request->string('school')->toString()) ?? School::Runs;
    }
}
