<?php

namespace App\Actions;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Taking;
use KeepShare\Core\Share\Card as CoreCard;

/** Writes cards the core has found into the share-out. */
final readonly class PlaceCards
{
    public function __construct(private CutPlans $plans)
    {
    }

    /** @param  list<CoreCard>  $cards */
    public function place(Kit $kit, array $cards, bool $asBonus): void
    {
        $touched = [];
        foreach ($cards as $card) {
            foreach ($this->write($kit, $card, $asBonus) as $component) {
                $touched[$component] = $component;
            }
        }
        $this->plans->refresh($touched);
    }

    /** Takes apart the cards nothing has been cut for. */
    public function clear(Kit $kit): void
    {
        $touched = [];
        foreach ($kit->cards()->with('takings')->get()->reject(static fn (Card $card): bool => $card->isBegun()) as $card) {
            foreach ($card->takings as $taking) {
                $touched[$taking->component_id] = $taking->component_id;
                $taking->delete();
            }
            $card->waivers()->get()->each->delete();
            $card->delete();
        }
        $this->plans->refresh($touched);
    }

    /** @return list<int> the components it takes pieces from */
    private function write(Kit $kit, CoreCard $card, bool $asBonus): array
    {
        $record = Card::query()->create([
            'kit_id' => $kit->id,
            'number' => $card->number,
            'sketch' => $card->sketch,
            'occasion' => $card->occasion,
            'front_width' => $card->front->width->units,
            'front_height' => $card->front->height->units,
            'is_bonus' => $asBonus,
        ]);
        $cutFrom = [];
        foreach ($card->takings as $taking) {
            Taking::query()->create([
                'card_id' => $record->id,
                'component_id' => Component::idOfCore($taking->component),
                'part' => $taking->part,
                'quantity' => $taking->quantity,
                'width' => $taking->size?->width->units,
                'height' => $taking->size?->height->units,
                'face' => $taking->face,
                'may_turn' => $taking->mayTurn,
            ]);
            if ($taking->size !== null) {
                $cutFrom[] = Component::idOfCore($taking->component);
            }
        }

        return $cutFrom;
    }
}
