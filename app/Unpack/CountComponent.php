<?php

namespace App\Unpack;

use App\Journal\Journal;
use App\Ledger\Ledger;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Table\TableState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;

/** Counts one line of the packing list on the table. */
final readonly class CountComponent
{
    public function __construct(private Journal $journal, private Ledger $ledger)
    {
    }

    /**
     * @param  int  $counted  how many lie there; what is cut up or glued on cards is not among them
     * @param  int  $was  how many lay there on the page that was counted from
     * @param  LedgerReason  $reason  why there are fewer, where there are
     *
     * @throws ValidationException when another tab has counted the line since
     */
    public function count(Component $component, int $counted, int $was, LedgerReason $reason, string $note): void
    {
        $kit = Kit::query()->findOrFail($component->kit_id);
        $this->journal->act($kit, "Count $component->name: $counted", null, function () use (
            $component,
            $counted,
            $was,
            $reason,
            $note,
        ): void {
            // Read within the act, so that the later of two people who count one line is told.
            $here = TableState::lyingNow($component);
            if ($here !== $was) {
                throw ValidationException::withMessages([
                    'counted' => "Another tab has counted $component->name since: $here. Check it. What you typed is still there.",
                ]);
            }
            $component->refresh()->update(['is_counted' => true]);
            $this->recount($component, $counted - $here, $reason, $note);
        });
    }

    /** Takes back what an earlier count said first, so that a count equal to the list leaves nothing. */
    private function recount(Component $component, int $more, LedgerReason $reason, string $note): void
    {
        $left = abs($more);
        foreach ($this->earlier($component, $more > 0 ? LedgerReason::ofFewer() : [LedgerReason::Found]) as $entry) {
            $part = min($left, abs($entry->delta));
            if ($part > 0) {
                $this->ledger->takeBack($entry, $component, $part);
            }
            $left -= $part;
        }
        if ($left > 0) {
            $more > 0
                ? $this->ledger->add($component, $left, LedgerReason::Found, $note)
                : $this->ledger->lose($component, $left, $reason, $note);
        }
        $this->sayOnce($component, $reason, $note);
    }

    /** All that is missing has one reason: the latest one. */
    private function sayOnce(Component $component, LedgerReason $reason, string $note): void
    {
        $entries = $this->earlier($component, LedgerReason::ofFewer());
        $last = $entries->first();
        $last?->update(['delta' => $entries->sum('delta'), 'reason' => $reason, 'note' => $note]);
        $entries->slice(1)->each(static fn (LedgerEntry $entry) => $entry->delete());
    }

    /**
     * @param  list<LedgerReason>  $reasons
     * @return Collection<int, LedgerEntry> the newest first
     */
    private function earlier(Component $component, array $reasons): Collection
    {
        return LedgerEntry::query()->where('component_id', $component->id)->whereIn('reason', $reasons)->orderByDesc('id')->get();
    }

    /** Every line that is not counted yet is as the list says. */
    public function allThere(Kit $kit): void
    {
        $this->journal->act($kit, 'Count: all the rest is there', null, function () use ($kit): void {
            $kit->components()->where('is_counted', false)->get()->each->update(['is_counted' => true]);
        });
    }
}
