<?php

namespace App\Cards;

use App\Cutting\CutPlans;
use App\Ledger\TakeApart;
use App\Models\Card;
use App\Models\CardRecord;
use App\Models\Kit;
use KeepShare\Core\Card\Card as CoreCard;

/** Writes cards the core has found into the share-out. */
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
     * Puts cards that were on the table once back on it: a set is known by what it was, so that its cards find together.
     *
     * @param  list<array<string, mixed>>  $records  as CardRecord writes them
     * @return list<Card>
     */
    public function putBack(Kit $kit, array $records): array
    {
        return $this->write($kit, $records, true);
    }

    /**
     * Puts new cards on the table; a set is known by the number of its first card until it lies there.
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
     * Takes apart the cards nothing has been cut for.
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
