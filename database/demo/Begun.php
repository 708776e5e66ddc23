<?php

namespace Database\Demo;

use App\Cards\PlaceCards;
use App\Cutting\CutSheet;
use App\Make\MakeCards;
use App\Models\Card;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Table\TableState;
use App\Table\Workbench;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Preferences;

/** A kit in the middle of an evening: shared out, two cards made, one drying. */
final readonly class Begun
{
    private const CARDS = 10;

    private const MADE = 2;

    public function __construct(private PlaceCards $place, private CutSheet $cut, private MakeCards $make)
    {
    }

    public function lay(Kit $kit): void
    {
        $table = TableState::of($kit)->table(Preferences::cards(self::CARDS));
        $this->place->place($kit, Composer::on($table, Stretch::most($table)), false);
        foreach ($kit->cards()->with('takings')->limit(self::MADE + 1)->get() as $n => $card) {
            $this->cutFor($kit, $card);
            $steps = Workbench::of(TableState::of($kit))->steps[$card->id];
            // Of the last card, all steps up to the first that leaves it wet.
            $wet = array_search(true, array_map(static fn ($step): bool => $step->wait > 0, $steps), true);
            foreach ($n < self::MADE ? $steps : array_slice($steps, 0, (int) $wet + 1) as $step) {
                $this->make->done($kit, $card->refresh()->load('takings'), $step->name(), null);
            }
        }
    }

    private function cutFor(Kit $kit, Card $card): void
    {
        while (($plan = $this->planFor($kit, $card)) !== null) {
            $this->cut->forCard($kit, $plan, $card, null);
        }
    }

    /** A sheet that gives a piece of the card. */
    private function planFor(Kit $kit, Card $card): ?CutPlan
    {
        $wanted = $card->takings()->whereNotNull('width')->whereNull('sheet_id')->pluck('id')->map(strval(...))->all();
        foreach (CutPlan::for($kit)->whereNull('cut_at')->with('sheet.component')->get() as $plan) {
            $pieces = array_map(static fn (Leaf $leaf): string => (string) $leaf->piece, $plan->toCore()->pieces());
            if (array_intersect($pieces, $wanted) !== []) {
                return $plan;
            }
        }

        return null;
    }
}
