<?php

namespace App\Recipes;

use App\Cards\PlaceCards;
use App\Cutting\CutPlans;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Ledger\MoveComponent;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Wording\Wording;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Recipe\Lay\LaidRecipe;

/** Puts the cards of a recipe on the table beside those that are there, with its sheets cut by their templates. */
final readonly class LayOnTable
{
    public function __construct(
        private Journal $journal,
        private PlaceCards $cards,
        private CutPlans $plans,
        private MoveComponent $move,
    ) {
    }

    /**
     * @return int how many cards were laid
     *
     * @throws StaleTable when the table has changed since it was found
     */
    public function lay(Kit $kit, LayingOut $found, int $revision): int
    {
        $laid = $found->laid;
        if ($laid === null || $laid->cards === []) {
            return 0;
        }
        $name = 'Lay '.Wording::plural(count($laid->cards), 'card')." of \"{$found->recipe->name}\"";
        $this->journal->act($kit, $name, $revision, function () use ($kit, $found, $laid): void {
            [$cards, $plans] = $this->broughtHere($kit, $found, $laid);
            $this->plans->prepare(array_merge([], ...array_values($plans)));
            $this->cards->place($kit, $cards, false);
        });

        return count($laid->cards);
    }

    /**
     * Sheets from other kits are moved here first, so that cards and plans can name them.
     *
     * @return array{list<Card>, array<string, list<SheetPlan>>}
     */
    private function broughtHere(Kit $kit, LayingOut $found, LaidRecipe $laid): array
    {
        $cards = array_values($laid->cards);
        $plans = $laid->plans;
        foreach ($found->fromOthers() as $id) {
            $component = Component::query()->findOrFail(Component::idOfCore($id));
            $here = $this->move->hand($component, $kit, count($plans[$id] ?? []));
            $sheets = Sheet::query()
                ->where(['component_id' => $here->id, 'state' => SheetState::Open, 'is_whole' => true])
                ->latest('number')
                ->limit(count($plans[$id] ?? []))
                ->get();
            $plans[$here->coreId()] = array_map(
                static fn (SheetPlan $plan, Sheet $sheet): SheetPlan => SheetPlan::of(
                    Stock::sheet((string) $sheet->id, $plan->stock->size),
                    $plan->root,
                ),
                $plans[$id] ?? [],
                array_values($sheets->all()),
            );
            unset($plans[$id]);
            $cards = array_map(static fn (Card $card): Card => $card->fitted(array_map(
                static fn (Taking $taking): Taking => $taking->component === $id ? $taking->from($here->coreId()) : $taking,
                $card->takings,
            )), $cards);
        }

        return [$cards, $plans];
    }
}
