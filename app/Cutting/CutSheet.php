<?php

namespace App\Cutting;

use App\Journal\Journal;
use App\Models\Card;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\ScrapMove;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Split;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/**
 * Records what the trimmer did: one cut, or all that are left on a sheet. Pieces go to their cards, and offcuts are
 * sheets again.
 */
final readonly class CutSheet
{
    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    /** All cuts of a plan, and of every other begun part of the same sheet. */
    public function cut(Kit $kit, CutPlan $plan, ?int $revision): void
    {
        $this->journal->act($kit, 'Cut '.self::nameOf($plan->sheet), $revision, function () use ($plan): void {
            $inHand = $plan->sheet->in_hand_id;
            $parts = $inHand === null
                    ? [$plan]
                    : CutPlan::query()
                        ->whereNull('cut_at')
                        ->whereHas('sheet', static fn ($sheet) => $sheet->where('in_hand_id', $inHand))
                        ->with('sheet.component')
                        ->get();
            foreach ($parts as $part) {
                $this->record($part);
            }
        });
    }

    /** Within an act: every part of a plan becomes a sheet or a piece of its own. */
    public function record(CutPlan $plan): void
    {
        foreach ($plan->toCore()->leaves() as $leaf) {
            $this->part($plan->sheet, $leaf);
        }
        $this->close($plan);
    }

    /**
     * Within an act: cutting a part means that the sheet it came from has been cut too, even if that was not marked.
     */
    public function freed(Sheet $sheet): void
    {
        $above = Sheet::query()->with(['plan', 'component'])->find($sheet->parent_id ?? 0);
        if ($above?->state === SheetState::Parted && $above->plan !== null) {
            $this->close($above->plan->setRelation('sheet', $above));
        }
    }

    /** The next cut of a plan. Its two parts become sheets with the rest of their cuts. */
    public function one(Kit $kit, CutPlan $plan, ?int $revision): void
    {
        $root = $plan->toCore()->root;
        if (! $root instanceof Split) {
            $this->cut($kit, $plan, $revision);

            return;
        }
        $this->journal->act($kit, 'Cut once through '.self::nameOf($plan->sheet), $revision, function () use ($plan, $root): void {
            $this->part($plan->sheet, $root->first);
            $this->part($plan->sheet, $root->second);
            $this->close($plan);
        });
    }

    /** Only what one card needs of a sheet. The rest is planned again for the others. */
    public function forCard(Kit $kit, CutPlan $plan, Card $card, ?int $revision): void
    {
        $takings = array_values($card->takings()->pluck('id')->map(strval(...))->all());
        $this->journal->act(
            $kit,
            "Cut for card $card->number from ".self::nameOf($plan->sheet),
            $revision,
            function () use ($plan, $takings): void {
                $this->free($plan->sheet, $plan->toCore()->root, $takings);
                $this->close($plan);
                $better = $this->plans->better($plan->sheet->component_id);
                if ($better !== null) {
                    $this->plans->store($plan->sheet->component_id, $better);
                }
            },
        );
    }

    /**
     * Cuts until some pieces are free. Every part without one stays whole, with its own plan.
     *
     * @param  list<string>  $takings
     */
    private function free(Sheet $sheet, Node $node, array $takings): void
    {
        if ($node instanceof Split && array_intersect($node->pieces(), $takings) !== []) {
            $this->free($sheet, $node->first, $takings);
            $this->free($sheet, $node->second, $takings);

            return;
        }
        $this->part($sheet, $node, false);
    }

    /**
     * A cut that went elsewhere: two parts without any plan.
     *
     * @return list<Sheet>
     */
    public function wrong(CutPlan $plan, Direction $direction, Length $at): array
    {
        $parts = array_map(
            fn (Rect $rect): Sheet => $this->child($plan->sheet, $rect, SheetState::Open, true),
            Split::halves(Rect::whole($plan->sheet->size()), $direction, $at),
        );
        $this->close($plan);

        return $parts;
    }

    private function close(CutPlan $plan): void
    {
        $this->freed($plan->sheet);
        $plan->update(['cut_at' => now()]);
        $plan->sheet->update(['state' => SheetState::Cut]);
        if ($plan->sheet->is_whole) {
            LedgerEntry::query()->create(['component_id' => $plan->sheet->component_id, 'delta' => -1, 'reason' => LedgerReason::Used]);
        }
    }

    private function part(Sheet $sheet, Node $node, bool $isInHand = true): void
    {
        if (! $node instanceof Leaf) {
            $part = $this->child($sheet, $node->rect(), $sheet->state, $isInHand);
            CutPlan::query()->create(['sheet_id' => $part->id, 'tree' => $node->toArray()]);
            foreach (array_map(Sheet::idOfPart(...), $node->pieces()) as $id) {
                Sheet::query()->find($id ?? 0)?->lieIn($part);
            }

            return;
        }
        if (Sheet::idOfPart($node->piece ?? '') !== null) {
            return;
        }
        $part = $this->child($sheet, $node->rect(), $node->piece === null ? SheetState::Open : SheetState::Piece, false);
        if ($node->piece !== null) {
            Taking::query()->findOrFail((int) $node->piece)->update(['sheet_id' => $part->id]);
            if (! $sheet->is_whole && $sheet->component->kit->is_stash) {
                ScrapMove::record($part, ScrapMove::USED);
            }
        }
    }

    private function child(Sheet $sheet, Rect $rect, SheetState $state, bool $isInHand): Sheet
    {
        return $sheet->giving($rect, ['state' => $state, 'in_hand_id' => $isInHand ? $sheet->in_hand_id ?? $sheet->id : null]);
    }

    private static function nameOf(Sheet $sheet): string
    {
        return sprintf(
            '%s, %s %d',
            $sheet->component->name,
            $sheet->is_whole || $sheet->in_hand_id !== null ? 'sheet' : 'offcut',
            $sheet->number,
        );
    }
}
