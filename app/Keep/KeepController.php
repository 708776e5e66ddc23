<?php

namespace App\Keep;

use App\Acts\OptionExpired;
use App\Cards\BonusCards;
use App\Cutting\PartScraps;
use App\Journal\Journal;
use App\Ledger\TakeApart;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\Taking;
use App\Wording\Wording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Refusal;
use KeepShare\Core\Tray\WayToCut;

final class KeepController
{
    public function show(Kit $kit, Request $request, BonusCards $bonus): KeepPage
    {
        return KeepPage::of($kit, $bonus, $request->string('scrap')->toString(), $request->string('order')->toString());
    }

    public function shopping(Kit $kit, BonusCards $bonus): KeepShoppingPage
    {
        return KeepShoppingPage::of($kit, $bonus);
    }

    public function scraps(Kit $kit, Request $request): KeepScrapsPage
    {
        return KeepScrapsPage::of($kit, mb_substr($request->string('find')->toString(), 0, 200), $request->string('part')->toString());
    }

    /** Uses a found scrap for a part of a card. */
    public function use(Kit $kit, Request $request, ScrapBox $box): RedirectResponse
    {
        [$card, $part] = [...explode('/', $request->string('part')->toString(), 2), ''];
        $found = Card::query()->where('kit_id', $kit->id)->with('takings')->findOrFail((int) $card);
        $sheet = Sheet::query()->with(['component.kit', 'plan'])->find($request->integer('sheet')) ?? throw OptionExpired::scrap();
        $box->use($kit, $sheet, $found, $part, $request->integer('face'), $request->integer('revision'));

        return to_route('kits.keep.scraps', [$kit, 'find' => $request->string('find')->toString()])
            ->with('notice', "Card $found->number takes its {$found->partName($part)} from {$sheet->component->name}.");
    }

    public function gather(Kit $kit, Request $request, ScrapBox $box): RedirectResponse
    {
        $others = array_map(intval(...), explode(',', $request->string('kits')->toString()));
        $many = $box->gather($kit, $others, $request->integer('revision'));

        return to_route('kits.keep.scraps', $kit)
            ->with('notice', Wording::plural($many, 'scrap').' more in the box. Bonus cards of this kit take from it now.');
    }

    public function putAway(Kit $kit, Request $request, ScrapBox $box): RedirectResponse
    {
        $many = $box->putAway($kit, $request->integer('revision'));

        return to_route('kits.keep.scraps', $kit)
            ->with('notice', "$kit->name is put away; ".Wording::plural($many, 'scrap').' went to the scrap box.');
    }

    /** The price of one pack of something on the shopping list. */
    public function price(Kit $kit, Component $component, Request $request, Journal $journal): RedirectResponse
    {
        $typed = $request->string('price')->trim()->toString();
        if ($kit->currency === null) {
            throw ValidationException::withMessages([
                "price.$component->id" => 'Say first in what currency the kit was bought, on its About page.',
            ]);
        }
        try {
            $price = $typed === '' ? null : Price::typed($typed, $kit->currency);
        } catch (Refusal) {
            throw ValidationException::withMessages(["price.$component->id" => 'Write the price as in 4.50.']);
        }
        $journal->act(
            $kit,
            "Price of $component->name",
            $request->integer('revision'),
            static fn () => $component->update($component->keepsPrice($price)),
        );

        return to_route('kits.keep.shopping', $kit);
    }

    /** What one scrap can become. It is asked for with every arrow key. */
    public function becomes(Kit $kit, Request $request, BonusCards $bonus): JsonResponse
    {
        $scrap = $request->string('scrap')->toString();
        $tray = self::tray($kit, $bonus);

        return response()->json(['chosen' => TrayView::of($tray)->chosen($scrap, $tray->becomes($scrap))]);
    }

    /** Adds bonus cards to the share-out: one, several, or all that were found. */
    public function store(Kit $kit, Request $request, BonusCards $bonus): RedirectResponse
    {
        $numbers = array_map(intval(...), explode(',', $request->string('number')->toString()));
        $bonus->add($kit, $numbers, $request->integer('revision'));

        return self::back($kit, $request, count($numbers) === 1
            ? "Card $numbers[0] is in the share-out."
            : 'Cards '.implode(', ', $numbers).' are in the share-out.');
    }

    /** Turns a scrap into the chosen parts. */
    public function take(Kit $kit, Request $request, BonusCards $bonus, PartScraps $parts): RedirectResponse
    {
        $scrap = $request->string('scrap')->toString();
        $options = self::tray($kit, $bonus)->becomes($scrap);
        $option = array_values(array_filter(
            $options,
            static fn (WayToCut $option): bool => $option->key() === $request->string('option')->toString(),
        ))[0] ?? throw OptionExpired::scrap();
        $says = $option->says($kit->unit);
        $parts->part($kit, "Make $says of a scrap", [$scrap => $option->plan], $request->integer('revision'));

        return self::back($kit, $request, "$says: on the tray, and the cuts are on Cut.");
    }

    /** Carries out the proposal for the whole tray, for some scraps or for all. */
    public function takeTurned(Kit $kit, Request $request, PartScraps $parts): RedirectResponse
    {
        $found = TurnTray::found($kit) ?? throw OptionExpired::scrap();
        $own = Tray::of($kit, BonusCards::wishes($kit))->kept;
        $plans = array_filter(
            array_intersect_key($found->plans, $own),
            static fn (SheetPlan $plan, int|string $id): bool => $own[$id]->part === null,
            ARRAY_FILTER_USE_BOTH,
        );
        $scraps = $request->string('scraps')->toString();
        $chosen = $scraps === '' ? $plans : array_intersect_key($plans, array_flip(explode(',', $scraps)));
        if ($chosen === []) {
            throw OptionExpired::scrap();
        }
        $many = Wording::plural(count($chosen), 'scrap');
        $parts->part($kit, "Turn $many into parts", $chosen, $request->integer('revision'));

        return self::back($kit, $request, "$many turned into standard parts; the cuts are on Cut.");
    }

    public function turn(Kit $kit, Request $request): RedirectResponse
    {
        TurnTray::search($kit)->ask(TurnTray::class);

        return self::back($kit, $request);
    }

    public function stopTurning(Kit $kit, Request $request): RedirectResponse
    {
        TurnTray::search($kit)->stop();

        return self::back($kit, $request);
    }

    public function turnBack(Kit $kit, Sheet $sheet, Request $request, PartScraps $parts): RedirectResponse
    {
        $parts->back($kit, $sheet, $request->integer('revision'));

        return self::back($kit, $request, 'It is a scrap again.');
    }

    public function throwAway(Kit $kit, Request $request, ThrowAway $throw): RedirectResponse
    {
        $many = $throw->confetti($kit, $request->integer('revision'));

        return self::back($kit, $request, Wording::plural($many, 'scrap').' of confetti thrown away.');
    }

    public function cutMiddle(Kit $kit, Taking $taking, Request $request, PartScraps $parts): RedirectResponse
    {
        $size = $parts->middle($kit, $taking, $request->integer('revision'));

        return self::back($kit, $request, "{$size->label($kit->unit)} more on the tray.");
    }

    public function apart(Kit $kit, Request $request, TakeApart $apart): RedirectResponse
    {
        $component = $kit->components()->findOrFail(Component::idOfCore($request->string('component')->toString()));
        $apart->take($kit, $component, 1, $request->integer('revision'));

        return self::back($kit, $request, "One $component->name less; what it gives lies with the papers.");
    }

    public function stop(Kit $kit, Request $request): RedirectResponse
    {
        BonusCards::search($kit)->stop();

        return self::back($kit, $request);
    }

    /** With the bonus cards that were found on it. */
    private static function tray(Kit $kit, BonusCards $bonus): Tray
    {
        return Tray::of($kit, BonusCards::wishes($kit), $bonus->found($kit)->cards ?? []);
    }

    private static function back(Kit $kit, Request $request, ?string $notice = null): RedirectResponse
    {
        $to = to_route('kits.keep', array_filter([
            $kit,
            'scrap' => $request->string('at')->toString(),
            'order' => $request->string('order')->toString(),
        ]));

        return $notice === null ? $to : $to->with('notice', $notice);
    }
}
