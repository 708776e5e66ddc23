<?php

namespace App\Ledger;

use App\Journal\Journal;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerReason;

/** Moves things from a kit to the stash, or from the stash to a kit. */
final readonly class MoveComponent
{
    public function __construct(private Journal $journal, private Ledger $ledger)
    {
    }

    public function move(Kit $inHand, Component $component, Kit $to, int $count, ?int $revision): void
    {
        $this->journal->act(
            $inHand,
            "Move $count × $component->name to $to->name",
            $revision,
            fn (): Component => $this->hand($component, $to, $count),
        );
    }

    /**
     * The same within an act.
     *
     * @return Component the good as it lies there now
     */
    public function hand(Component $component, Kit $to, int $count): Component
    {
        $target = Twin::of($component, $to);
        [$away, $here] = $to->is_stash
            ? [LedgerReason::ToStash, LedgerReason::GivenBack]
            : [LedgerReason::GivenBack, LedgerReason::FromStash];
        $this->ledger->hand($component, $target, $count, $away, $here);
        // Moved things are not missing from a packing list.
        $component->update(['listed' => max(0, $component->listed - $count)]);
        $target->update(['listed' => $target->listed + $count]);

        return $target;
    }
}
