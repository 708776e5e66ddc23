<?php

namespace App\Cards;

use App\Cutting\CutPlans;
use App\Ledger\TakeApart;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Kit;
use KeepShare\Core\Card\Card as CoreCard;

/** Writes cards that the core has found into the share-out. */
final readonly class PlaceCards
{
    public function __construct(private CutPlans $plans, private TakeApart $apart)
    {
    }

    /** @param  list<CoreCard>  $cards */
    public function place(Kit $kit, array $cards, bool $asBonus): void
    {
        $this->put($kit, array_map(static fn (CoreCard $card): array => CardRecord::write($card, $asBonus), $cards));
    }

    /**
     * Puts former cards back on the table. Sets are found again by their old id.
     *
     * @param  list<array<string, mixed>>  $records  as CardRecord writes them
     * @return list<Card>
     */
    public function putBack(Kit $kit, array $records): array
    {
        return $this->write($kit, $records, true);
    }

    /**
     * Puts new cards on the table. A set is known by the number of its first card until it is stored.
     *
     * @param  list<array<string, mixed>>  $records  as CardRecord writes them
     * @return list<Card>
     */
    public function put(Kit $kit, array $records): array
    {
        return $this->write($kit, $records, false);
    }

    /**
     * @param  list<array<string, mixed>>  $records
     * @return list<Card>
     */
    private function write(Kit $kit, array $records, bool $knowsSets): array
    {
        $touched = [];
        $cards = [];
        $sets = [];
        foreach ($this->apart->forRecords($kit, $records) as $record) {
            $card = CardRecord::read($record);
            $takings = $card->takings;
            $card->unsetRelation('takings')->fill(['kit_id' => $kit->id]);
            $set = $card->set;
            if ($set !== null && ! $knowsSets && isset($sets[$set])) {
                $card->set = $sets[$set];
            }
            $card->save();
            if ($set !== null && ! $knowsSets && ! isset($sets[$set])) {
                // The cards of a set are known by the id of the first of them.
                $card->update(['set' => $sets[$set] = $card->id]);
            }
            foreach ($takings as $taking) {
                $taking->fill(['card_id' => $card->id])->save();
                if ($taking->width !== null) {
                    $touched[$taking->component_id] = $taking->component_id;
                }
            }
            $cards[] = $card;
        }
        $this->plans->refresh($touched);

        return $cards;
    }

    /**
     * Removes the cards for which nothing has been cut.
     *
     * @param  list<int>  $stays  ids of those that stay all the same
     */
    public function clear(Kit $kit, array $stays = []): void
    {
        $touched = [];
        foreach (
            $kit
                ->cards()
                ->with('takings')
                ->get()
                ->reject(static fn (Card $card): bool => $card->isBegun() || in_array($card->id, $stays, true)) as $card
        ) {
            foreach ($card->takings as $taking) {
                $touched[$taking->component_id] = $taking->component_id;
                $taking->delete();
            }
            $card->forget();
        }
        $this->plans->refresh($touched);
    }
}
