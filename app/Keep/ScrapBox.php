<?php

namespace App\Keep;

use App\Acts\OptionExpired;
use App\Cards\Design;
use App\Cutting\CutPlans;
use App\Cutting\CutSheet;
use App\Journal\Journal;
use App\Ledger\MoveComponent;
use App\Ledger\Twin;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\ScrapMove;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Table\Kept;
use App\Table\TableState;

/** Moves what kits leave to the scrap box of the stash, and takes it from there for cards. */
final readonly class ScrapBox
{
    public function __construct(
        private Journal $journal,
        private CutPlans $plans,
        private CutSheet $cut,
        private Design $design,
        private MoveComponent $whole,
    ) {
    }

    /**
     * The kit is finished, and its scraps and standard parts go to the box.
     *
     * @return int how many
     *
     * @throws CardsInProgress where a card of it is in the making
     */
    public function putAway(Kit $kit, int $revision): int
    {
        $half = [];
        foreach ($kit->cards()->with('takings')->get() as $card) {
            if ($card->made_at === null && $card->isBegun()) {
                $half[] = $card->number;
            }
        }
        if ($half !== []) {
            throw CardsInProgress::cards($half);
        }

        return $this->journal->act($kit, "Put away $kit->name", $revision, function () use ($kit): int {
            $kit->update(['is_put_away' => true]);

            return $this->lay($kit);
        });
    }

    /**
     * Moves scraps of other kits to the box too, so that cards can use the scraps of all of them. The present kit uses
     * the stash from then on.
     *
     * @param  list<int>  $others
     */
    public function gather(Kit $kit, array $others, int $revision): int
    {
        return $this->journal->act($kit, 'Move scraps of other kits to the scrap box', $revision, function () use ($kit, $others): int {
            $many = 0;
            $chosen = Kit::query()->whereKey($others)->whereKeyNot($kit->id);
            foreach ($chosen->where('is_stash', false)->where('is_deleted', false)->get() as $other) {
                $many += $this->lay($other);
            }
            $many === 0 ? throw OptionExpired::scrap() : $kit->update(['uses_stash' => true]);

            return $many;
        });
    }

    /**
     * Uses a scrap, wherever it is, for a part of a card, in one act.
     *
     * @throws OptionExpired where it has been used meanwhile, or does not fit
     */
    public function use(Kit $kit, Sheet $sheet, Card $card, string $part, int $face, int $revision): void
    {
        $shown = $sheet->component->toCore()->face($face);
        $lies = $sheet->state === SheetState::Open && $sheet->plan === null;
        if (! $lies || $shown === null || WantedPart::of($card, $part)?->isCutFrom($sheet->size(), $shown) !== true) {
            throw OptionExpired::scrap();
        }
        $this->journal->act($kit, "Use a scrap of {$sheet->component->name} on card $card->number", $revision, function () use (
            $kit,
            $sheet,
            $card,
            $part,
            $face,
        ): void {
            $this->design->fill($card, $part, $this->brought($sheet, $kit)->coreId(), $face, null);
        });
    }

    /** Within an act: moves a scrap or a whole sheet of another kit to this one. The stash's own is used from there. */
    private function brought(Sheet $sheet, Kit $kit): Component
    {
        $component = $sheet->component;
        if ($component->kit_id === $kit->id || $component->kit->is_stash) {
            return $component;
        }
        if ($sheet->is_whole) {
            return $this->whole->hand($component, $kit, 1);
        }
        $twin = Twin::of($component, $kit);
        $this->move($sheet, $twin, $component->kit->name);

        return $twin;
    }

    /** Within an act: all partial sheets of a kit. */
    private function lay(Kit $kit): int
    {
        $stash = Kit::stash() ?? throw OptionExpired::scrap();
        $state = TableState::of($kit);
        $many = 0;
        $twins = [];
        foreach (Kept::of($state) as $kept) {
            $component = $state->components->get($kept->component);
            if ($kept->isWhole || ! $kept->isThere || $component === null || $component->kit_id !== $kit->id) {
                continue;
            }
            $twin = $twins[$component->id] ??= Twin::of($component, $stash);
            $this->move($kept->record, $twin, $kit->name);
            ScrapMove::record($kept->record, ScrapMove::IN);
            $many++;
        }
        // Cards that were short of it in the stash may get it now.
        $this->plans->refresh(array_map(static fn (Component $twin): int => $twin->id, $twins));

        return $many;
    }

    /** The sheet it was cut from stays with the kit. The scrap is a sheet of its own there. */
    private function move(Sheet $sheet, Component $to, string $from): void
    {
        $this->cut->freed($sheet);
        $last = (int) Sheet::query()->where('component_id', $to->id)->max('number');
        $sheet->update([
            'component_id' => $to->id,
            'number' => $last + 1,
            'in_hand_id' => null,
            'came_from' => $sheet->came_from ?? $from,
        ]);
    }
}
